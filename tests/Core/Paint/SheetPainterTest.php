<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Text\TextPainter;
use AllSquare\Core\Paint\Lettering;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Paint\SvgWriter;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontFaces;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** A sheet as pictures for the rasteriser and as drawings that fit every size; texts as text; letters on drawings. */
final class SheetPainterTest extends TestCase
{
    public function test_a_picture_is_shifted_by_whole_px_and_holds_what_its_px_touch(): void
    {
        $scene = Scene::of(100, 100)->put('in', 10, 10, 5, 5)->put('beside', 42, 10, 5, 5)->put('far', 60, 10, 5, 5);
        $svg = self::painter($scene)->picture(new Rect(10.4, 0, 30, 30), 1.5, [45, 45], '#ffffff');
        self::assertStringContainsString('matrix(1.5 0 0 1.5 -16 0)', $svg);
        self::assertStringContainsString("<rect width='45' height='45' fill='#ffffff'/>", $svg);
        self::assertSame(1, substr_count($svg, "<rect width='5'"), 'the others lie beyond its last pixel');
        self::assertStringNotContainsString('#ffffff', self::painter($scene)->picture(new Rect(0, 0, 9, 9), 1.0, [9, 9], null));
    }

    public function test_a_shape_that_is_only_filled_or_outlined_needs_no_picture_of_its_own_to_be_seen_through(): void
    {
        $outline = ['colour' => '#000000', 'weight' => 2.0];
        $scene = Scene::of()->put('filled', 0, 0, 5, 5, ['opacity' => 0.5])->put('outlined', 0, 0, 5, 5, ['fill' => null, 'outline' => $outline, 'opacity' => 0.5])
            ->put('both', 0, 0, 5, 5, ['outline' => $outline, 'opacity' => 0.5])->put('text', 0, 0, 50, 20, ['kind' => 'text', 'text' => 'Quay', 'opacity' => 0.5]);
        $svg = self::painter($scene)->picture(new Rect(0, 0, 100, 100), 1.0, [100, 100], null);
        self::assertSame([1, 1, 2], array_map(static fn (string $name): int => substr_count($svg, " $name='0.5'"), ['fill-opacity', 'stroke-opacity', 'opacity']));
    }

    public function test_a_drawing_keeps_the_sheets_own_figures_and_takes_only_what_is_asked_for(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 10, 10, 20, 20, ['parent' => 'g'])->put('b', 40, 10, 25, 20, ['parent' => 'g'])->put('c', 0, 0, 90, 90)->fitted();
        $painter = self::painter($scene);
        $svg = static fn (?array $only): string => $painter->drawing(new Rect(5.25, 0, 80, 40), ['21.166667mm', '10.583333mm'], null, $only);
        self::assertStringContainsString("width='21.166667mm' height='10.583333mm' viewBox='5.25 0 80 40'", $svg(null));
        self::assertSame([3, 1, 2, 0], array_map(static fn (?array $only): int => substr_count($svg($only), '<rect '), [null, ['b'], ['g'], ['nobody']]));
        self::assertStringContainsString("width='25'", $svg(['b']), 'a child in the place its group gives it');
    }

    public function test_texts_stay_texts_with_the_fonts_they_need(): void
    {
        $scene = Scene::of()->put('t', 0, 0, 90, 40, ['kind' => 'text', 'text' => "Quay  <3>\nStøy", 'font' => 'bitter', 'weight' => 700])->put('far', 900, 0, 50, 20, ['kind' => 'text', 'text' => 'far'])
            ->put('h', 0, 0, 50, 20, ['kind' => 'text', 'text' => 'hidden', 'hidden' => true]);
        $svg = self::painter($scene)->drawing(new Rect(0, 0, 200, 100), ['200', '100'], null, null, new FontFaces(Fonts::library()));
        self::assertNotFalse(simplexml_load_string($svg));
        self::assertSame(1, substr_count($svg, '@font-face'), 'one font, one file of it: neither what is hidden nor what lies elsewhere counts');
        self::assertStringContainsString('font-family:"bitter";font-weight:700', $svg);
        self::assertStringContainsString('>Quay  </tspan>', $svg, 'with the blanks behind it');
        self::assertStringNotContainsString('<use', $svg);
    }

    public function test_words_begin_where_their_outlines_do(): void
    {
        $scene = Scene::of();
        foreach (['start', 'centre', 'end'] as $align) {
            $scene->put($align, 0, 0, 200, 60, ['kind' => 'text', 'text' => "Quay\tto Skerry", 'align' => $align, 'grow' => 'none']);
            preg_match_all("/<tspan x='([\d.]+)' y='([\d.]+)'>([^<]*)</", self::words($scene, $align), $runs, PREG_SET_ORDER);
            preg_match("/translate\(([\d.]+) ([\d.]+)\)scale\(([\d.]+)\)/", $scene->svg($align), $outlines);
            self::assertSame(['Quay ', 'to ', 'Skerry'], array_column($runs, 3), 'each word with the blanks behind it');
            self::assertSame([$outlines[1], $outlines[2]], [$runs[0][1], $runs[0][2]], $align);
        }
        self::assertSame('', self::words($scene->put('e', 0, 0, 9, 9, ['kind' => 'text', 'text' => ' ']), 'e'));
    }

    public function test_the_files_of_fonts_that_are_used(): void
    {
        $css = (new FontFaces(Fonts::library()))->css(['caveat-400', 'overpass-700-italic']);
        self::assertSame(2, substr_count($css, '@font-face'));
        self::assertStringContainsString('font-family:"overpass";font-weight:700;font-style:italic;src:url(data:font/woff;base64,d09GR', $css);
        self::assertSame('', (new FontFaces(Fonts::library()))->css([]));
    }

    public function test_letters_on_drawings_stand_where_they_are_put(): void
    {
        $letters = new Lettering(Fonts::library(), 'overpass-mono', 400);
        self::assertEqualsWithDelta(4 * $letters->width('8', 10), $letters->width('1280', 10), 1e-9, 'figures of one width');
        $writer = new SvgWriter;
        $at = static fn (float $before, float $angle = 0.0): string => $writer->write([$letters->element('12', 50, 20, 10, '#000000', $before, $angle)]);
        self::assertStringContainsString('translate(50 20) scale(', $at(0.0));
        self::assertStringContainsString('translate(50 20) rotate(-90) scale(', $at(0.5, -90.0));
        preg_match_all("/x='(-?[\d.]+)'/", $at(1.0), $ends);
        preg_match_all("/x='(-?[\d.]+)'/", $at(0.0), $starts);
        self::assertSame('0', $starts[1][0]);
        self::assertEqualsWithDelta(-2 * (float) $starts[1][1], (float) $ends[1][0], 0.001);
        self::assertSame('Merrow Sound', $letters->fitting('Merrow Sound', 10, 100));
        self::assertSame('Merro…', $letters->fitting('Merrow Sound', 10, $letters->width('Merro…', 10) + 0.1));
        self::assertSame(2, substr_count($writer->outlines(Fonts::library()), '<path id='), 'each glyph once');
    }

    private static function words(Scene $scene, string $id): string
    {
        $painter = new TextPainter(Fonts::library());

        return (new SvgWriter)->write($painter->words($scene->items[$id]) ?? []);
    }

    private static function painter(Scene $scene): SheetPainter
    {
        $boxes = $scene->boxes();

        return new SheetPainter(
            Fonts::library(), new Tree($scene->items),
            array_map(static fn ($item): Painting => $scene->painting($item->id), $scene->items),
            array_map(static fn ($item): Rect => $boxes->ink($item->id), $scene->items),
        );
    }
}
