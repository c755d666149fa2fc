<?php

declare(strict_types=1);

namespace Tests\Core\DimensionDrawing;

use AllSquare\Core\DimensionDrawing\Band;
use AllSquare\Core\DimensionDrawing\Drawing;
use AllSquare\Core\DimensionDrawing\Listing;
use AllSquare\Core\DimensionDrawing\Measure;
use AllSquare\Core\DimensionDrawing\MeasuredPart;
use AllSquare\Core\DimensionDrawing\MeasuredSheet;
use AllSquare\Core\DimensionDrawing\MeasuredSheetOptions;
use AllSquare\Core\DimensionDrawing\MeasureKind;
use AllSquare\Core\DimensionDrawing\Stylesheet;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Paint\SvgWriter;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** A layout with its lengths: measured, listed, drawn without a figure over another, and as CSS. */
final class MeasuredSheetTest extends TestCase
{
    public function test_sizes_gaps_and_margins_of_everything_on_the_sheet(): void
    {
        $measured = self::measured(self::row());
        self::assertSame(['Left', 'Middle', 'Right'], array_map(static fn (MeasuredPart $part): string => $part->name, $measured->parts));
        self::assertSame([
            'width of Left' => 100.0, 'height of Left' => 50.0, 'width of Middle' => 100.0, 'height of Middle' => 50.0, 'width of Right' => 80.0, 'height of Right' => 50.0,
            'Left to Middle' => 24.0, 'Middle to Right' => 24.0,
            'Left to the left of the sheet' => 36.0, 'Left to the bottom of the sheet' => 30.0, 'Left to the top of the sheet' => 20.0,
            'Middle to the bottom of the sheet' => 30.0, 'Middle to the top of the sheet' => 20.0,
            'Right to the right of the sheet' => 36.0, 'Right to the bottom of the sheet' => 30.0, 'Right to the top of the sheet' => 20.0,
        ], self::sizes($measured));
    }

    public function test_a_selection_or_the_children_of_a_group_alone(): void
    {
        $scene = self::row();
        self::assertSame(['Right to the right of the sheet' => 36.0], self::sizes(self::measured($scene, new MeasuredSheetOptions(['c'], null, [MeasureKind::Margin])), 'right'));
        self::assertSame(['Left to Middle' => 24.0, 'Middle to Right' => 24.0], self::sizes(self::measured($scene, new MeasuredSheetOptions(['b'], null, [MeasureKind::Gap]))), 'of one thing, what lies next to it');
        self::assertSame([], array_filter(self::sizes(self::measured($scene, new MeasuredSheetOptions(['a', 'c']))), static fn (float $size): bool => $size === 24.0), 'what lies between them is not among them');
        $scene = Scene::of(300, 200)->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 10, 10, 20, 20, ['parent' => 'g'])->put('b', 40, 10, 20, 20, ['parent' => 'g'])->put('z', 100, 100, 5, 5)->fitted();
        self::assertSame(['a to b' => 10.0], self::sizes(self::measured($scene, new MeasuredSheetOptions(level: 'g', kinds: [MeasureKind::Gap]))));
        self::assertCount(2, self::measured($scene)->parts, 'the group and what lies beside it');
    }

    public function test_the_grid_with_its_gutters(): void
    {
        $scene = Scene::of(400, 300);
        $scene->run('set-sheet', [], ['margins' => ['left' => 20, 'top' => 0, 'right' => 20, 'bottom' => 0]]);
        $scene->run('set-grid', [], ['columns' => ['count' => 3, 'gutter' => 30]]);
        self::assertSame([
            'margin before the columns' => 20.0, 'column 1' => 100.0, 'gutter' => 30.0, 'column 2' => 100.0, 'column 3' => 100.0, 'margin after the columns' => 20.0,
        ], self::sizes(self::measured($scene, new MeasuredSheetOptions(kinds: [MeasureKind::Grid]))));
    }

    public function test_where_there_is_nothing_to_measure_it_says_so(): void
    {
        $this->expectExceptionMessage('There is nothing to measure here.');
        self::measured(Scene::of());
    }

    public function test_of_many_measures_no_two_lines_and_no_two_figures_overlap(): void
    {
        $random = new Randomizer(new Mt19937(11));
        foreach (range(1, 30) as $_) {
            $measures = [];
            foreach (range(1, 60) as $_) {
                $from = $random->getInt(0, 900);
                $measures[] = new Measure(MeasureKind::Size, Axis::X, $from, $from + $random->getInt(1, 300), [0.0, 10.0], [1], 'width');
            }
            $width = static fn (Measure $measure): float => 7.0 * strlen(Length::text($measure->size)) + 5;
            $band = new Band($measures, $width);
            $places = array_unique(array_map(static fn (Measure $measure): string => $measure->place(), $measures));
            self::assertCount(count($places), [...$band->placed(), ...$band->left()], 'each is drawn or left, once');
            self::assertLessThanOrEqual(Band::MOST_LINES, $band->count());
            foreach ($band->placed() as $i => [$a, $line]) {
                foreach (array_slice($band->placed(), $i + 1) as [$b, $other]) {
                    if ($line === $other) {
                        self::assertTrue($a->to <= $b->from + 0.001 || $b->to <= $a->from + 0.001);
                        self::assertGreaterThan(($width($a) + $width($b)) / 2 - 0.001, abs($a->from + $a->to - $b->from - $b->to) / 2);
                    }
                }
            }
        }
    }

    public function test_it_is_drawn_with_every_figure_and_a_number_on_every_part(): void
    {
        $measured = self::measured(self::row());
        $drawing = new Drawing($measured, Fonts::library());
        $svg = $drawing->svg([new Element('g')], true);
        self::assertNotFalse(simplexml_load_string($svg));
        self::assertSame(0, $drawing->leftOut());
        self::assertSame(3, substr_count($svg, "fill='#17614f'/><g fill='#ffffff'"), 'marks');
        self::assertLessThan(strlen($svg), strlen($drawing->svg([new Element('g')], false)), 'with the list it is longer');
        foreach ([Scene::of(16, 16)->put('a', 0, 0, 4, 4), Scene::of(20000, 300)->put('a', 5, 5, 9000, 200)] as $scene) {
            self::assertNotFalse(simplexml_load_string((new Drawing(self::measured($scene), Fonts::library()))->svg([], true)));
        }
    }

    public function test_of_many_parts_the_drawing_lists_the_first_and_says_how_many_more_there_are(): void
    {
        $scene = Scene::of(4000, 400);
        foreach (range(0, 299) as $i) {
            $scene->put("i$i", $i % 100 * 40, intdiv($i, 100) * 100, 30, 50);
        }
        $measured = self::measured($scene);
        $listing = new Listing($measured, Fonts::library());
        self::assertCount(300, $listing->parts());
        [$drawn, $height] = $listing->drawn(0, 0, 2000, 1);
        $svg = (new SvgWriter)->write($drawn);
        self::assertLessThan(241 * 16 / 2, $height, 'in several columns');
        self::assertSame(240, substr_count($svg, "fill='#17614f'") - 1, 'a number on each row, and one more row');
    }

    public function test_it_is_listed_by_number(): void
    {
        $listing = new Listing(self::measured(self::row()), Fonts::library());
        self::assertSame(['3', 'Right', '284', '20', '80', '50'], $listing->parts()[2]);
        self::assertSame(['Left to Middle', 'across', '24'], $listing->distances()[0]);
    }

    public function test_its_values_are_css(): void
    {
        $css = (new Stylesheet(self::measured(self::row())))->css();
        self::assertStringContainsString(".left {\n    position: absolute;\n    left: 36px;\n    top: 20px;\n    width: 100px;\n    height: 50px;\n}", $css);
        self::assertStringContainsString("/* Left to Right, 3 in a row */\n.row {\n    gap: 24px;\n}", $css);
        $twins = Scene::of(300, 100)->put('a', 0, 0, 10, 10, ['name' => '1 Élan */'])->put('b', 20, 0, 10, 10, ['name' => '1 Élan */'])->put('c', 50, 0, 10, 10, ['name' => '☂']);
        $css = (new Stylesheet(self::measured($twins)))->css();
        foreach (['.n1-elan {', '.n1-elan-2 {', '.part-3 {'] as $selector) {
            self::assertStringContainsString($selector, $css);
        }
        self::assertStringNotContainsString('Élan */ to', $css, 'a name ends no comment');
        self::assertStringNotContainsString('gap', $css, 'of gaps that differ there is none');
    }

    public function test_of_a_rail_its_padding_and_its_gaps_are_measured_and_drawn(): void
    {
        $scene = self::rail();
        $sizes = self::sizes(self::measured($scene), 'Rail');
        self::assertSame([12.0, 12.0, 8.0, 8.0, 16.0, 30.0], array_map(static fn (string $words): float => $sizes[$words], ['left padding of Rail', 'right padding of Rail', 'top padding of Rail', 'bottom padding of Rail', 'a to b in Rail', 'b to c in Rail']));
        self::assertArrayNotHasKey('left padding of Rail', self::sizes(self::measured($scene, new MeasuredSheetOptions(kinds: [MeasureKind::Gap]))));
        $svg = (new Drawing(self::measured($scene), Fonts::library()))->svg([], false);
        self::assertMatchesRegularExpression('/fill-opacity=.0\.18.>(<rect[^>]*>){6}/', $svg, 'four sides and two gaps');
    }

    public function test_a_rail_is_css_as_flexible_boxes(): void
    {
        $css = (new Stylesheet(self::measured(self::rail())))->css();
        self::assertStringContainsString("    display: flex;\n    gap: 16px;\n    padding: 8px 12px 8px 12px;\n    align-items: flex-start;\n", $css);
        self::assertStringContainsString(".rail .c {\n    width: 40px;\n    height: 20px;\n    margin-left: 14px;\n}", $css);
        self::assertStringContainsString('.rail * {', $css);
        $scene = self::rail();
        $scene->run('set-rail', [(string) array_search('Rail', array_map(static fn ($item): string => $item->name, $scene->items), true)], ['direction' => 'column', 'wrap' => true, 'along' => 'between', 'across' => 'end', 'gap' => -4]);
        $css = (new Stylesheet(self::measured($scene)))->css();
        foreach (['flex-direction: column;', 'flex-wrap: wrap;', 'justify-content: space-between;', 'align-items: flex-end;', 'margin-top: -4px;'] as $said) {
            self::assertStringContainsString($said, $css);
        }
    }

    /** Of three boxes, 16 px apart but for the last, with padding. */
    private static function rail(): Scene
    {
        $scene = Scene::of(600, 200)->put('a', 100, 100, 40, 20)->put('b', 156, 100, 40, 20)->put('c', 226, 100, 40, 20);
        $scene->run('set-rail', $scene->run('make-rail', ['a', 'b', 'c'], ['name' => 'Rail'])->report->selection, ['padding' => ['left' => 12, 'right' => 12, 'top' => 8, 'bottom' => 8]]);

        return $scene;
    }

    private static function row(): Scene
    {
        return Scene::of(400, 100)->put('a', 36, 20, 100, 50, ['name' => 'Left'])->put('b', 160, 20, 100, 50, ['name' => 'Middle'])->put('c', 284, 20, 80, 50, ['name' => 'Right']);
    }

    private static function measured(Scene $scene, MeasuredSheetOptions $wish = new MeasuredSheetOptions): MeasuredSheet
    {
        $draft = $scene->draft();

        return MeasuredSheet::of($scene->sheet, $draft->tree, Planning::before($draft, By::Frame), $wish, $draft->fonts);
    }

    /** @return array<string, float> by what they are of; of several of one name the last */
    private static function sizes(MeasuredSheet $measured, string $about = ''): array
    {
        $sizes = [];
        foreach ($measured->measures as $measure) {
            if (str_contains($measure->words, $about)) {
                $sizes[$measure->words] = $measure->size;
            }
        }

        return $sizes;
    }
}
