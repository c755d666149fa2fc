<?php

declare(strict_types=1);

namespace Tests\Core\Arrange;

use AllSquare\Core\Arrange\PageAtWidth;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Settle\Settlers;
use AllSquare\Core\Sheet\Division;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\SheetGrid;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** How a page looks at another width is proposed from how it lies (RULES 13). */
final class PageAtWidthTest extends TestCase
{
    private static function at(Scene $scene, float $width): Draft
    {
        $draft = $scene->draft();
        PageAtWidth::propose($draft, $width);
        Settlers::settle($draft);

        return $draft;
    }

    private static function box(Draft $draft, string $id): Rect
    {
        return (new Boxes($draft->tree, $draft->fonts))->bounds($id);
    }

    public function test_columns_of_a_list_stay_columns(): void
    {
        $scene = Scene::of(1000, 400)->put('panel', 40, 40, 920, 200);
        foreach (['a' => 60, 'b' => 90, 'c' => 40] as $row => $w) {
            $y = ['a' => 60, 'b' => 110, 'c' => 160][$row];
            $scene->put("$row-what", 60, $y, $w, 20)->put("$row-one", 560, $y, 45, 20)->put("$row-two", 800, $y, 56, 20);
        }
        $draft = self::at($scene, 400);
        foreach (['one', 'two'] as $column) {
            $lefts = array_map(static fn (string $row): float => self::box($draft, "$row-$column")->x, ['a', 'b', 'c']);
            self::assertCount(1, array_unique($lefts), $column);
        }
        self::assertGreaterThanOrEqual(8.0, self::box($draft, 'b-one')->x - self::box($draft, 'b-what')->right());
    }

    public function test_the_grid_has_as_many_columns_as_fit_and_margins_narrow(): void
    {
        $scene = Scene::of(1280, 800)->put('a', 64, 64, 100, 100);
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(64.0, 40.0, 64.0, 40.0), 'grid' => new SheetGrid(new Division(12, 24.0))]);
        $sheet = self::at($scene, 390)->sheet();
        self::assertEquals([new Margins(20.0, 40.0, 20.0, 40.0), 4], [$sheet->margins, $sheet->grid->columns?->count]);
        self::assertSame(12, self::at($scene, 1600)->sheet()->grid->columns?->count);
    }

    public function test_pins_are_kept(): void
    {
        $scene = Scene::of(1000, 400)->put('left', 20, 20, 50, 30)->put('middle', 475, 80, 50, 30)->put('right', 930, 140, 50, 30)->put('both', 20, 200, 300, 30);
        $scene->run('set-pins', ['right'], ['across' => 'end']);
        $scene->run('set-pins', ['middle'], ['across' => 'centre']);
        $scene->run('set-pins', ['both'], ['across' => 'stretch']);
        $draft = self::at($scene, 800);
        self::assertSame([20.0, 375.0, 780.0, 100.0], [self::box($draft, 'left')->x, self::box($draft, 'middle')->x, self::box($draft, 'right')->right(), self::box($draft, 'both')->w]);
    }

    public function test_a_drawing_is_sized_as_it_is_and_what_is_beside_the_sheet_stays(): void
    {
        $scene = Scene::of(1000, 400)->put('sky', 0, 0, 800, 200)->put('sun', 600, 20, 40, 40, ['kind' => 'round'])->put('beside', 1100, 50, 60, 60);
        $group = $scene->run('group', ['sky', 'sun'])->report->selection[0];
        $draft = self::at($scene, 400);
        self::assertEquals([400.0, 100.0], [self::box($draft, $group)->w, self::box($draft, $group)->h]);
        self::assertSame(self::box($draft, 'sun')->w, self::box($draft, 'sun')->h, 'round');
        self::assertEquals(new Rect(1100.0, 50.0, 60.0, 60.0), self::box($draft, 'beside'));
    }

    public function test_a_row_that_is_cut_off_keeps_running_out_of_its_tray_and_one_with_rails_in_it_wraps(): void
    {
        foreach ([true, false] as $clip) {
            $scene = Scene::of(1000, 300);
            foreach (['a', 'b', 'c'] as $i => $id) {
                $scene->put($id, 20 + 320 * $i, 20, 300, 100);
            }
            $inner = $scene->run('make-rail', ['b', 'c'], ['name' => 'Inner'])->report->selection[0];
            $rail = $scene->run('make-rail', ['a', $inner], ['name' => 'Row'])->report->selection[0];
            $scene->run('set', [$rail], ['clip' => $clip]);
            $draft = self::at($scene, 400);
            self::assertSame(! $clip, $draft->item($rail)->rail()?->wrap);
            self::assertSame($clip, self::box($draft, $inner)->y === self::box($draft, 'a')->y);
        }
    }

    /** Of pages at random: nothing that lay on the page reaches past a narrower one, unless it cannot be narrowed; and everything is still there. */
    public function test_what_lay_on_the_page_lies_on_it_at_any_width(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(6) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($run = 0; $run < 8; $run++) {
                $scene = Scene::of(1280, 900);
                for ($i = 0, $n = $chance->getInt(1, 14); $i < $n; $i++) {
                    $w = $chance->getInt(10, 500);
                    $h = $chance->getInt(10, 120);
                    $scene->put("i$i", $chance->getInt(0, 1280 - $w), $chance->getInt(0, 900 - $h), $w, $h, ['kind' => ['box', 'round', 'text'][$chance->getInt(0, 2)], 'text' => 'Sailings from Skerry Point', 'grow' => 'down']);
                }
                if ($n > 3 && $chance->getInt(0, 1) === 1) {
                    $scene->run('make-rail', ['i0', 'i1'], ['name' => 'Rail']);
                }
                $width = $chance->getInt(220, 1600);
                $draft = self::at($scene, $width);
                self::assertCount(count($scene->items), $draft->tree->all());
                foreach ($draft->tree->children(null) as $item) {
                    $box = self::box($draft, $item->id);
                    self::assertLessThanOrEqual($width + 0.001, $box->right(), "seed $seed, run $run: $item->name at $width");
                    self::assertGreaterThanOrEqual(-0.001, $box->x, "seed $seed, run $run: $item->name at $width");
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(100, $tried);
    }

    public function test_no_page_is_that_wide(): void
    {
        foreach ([0.0, -5.0, 30_001.0] as $width) {
            try {
                self::at(Scene::of(), $width);
                self::fail('refused');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('from 1 to 30,000 px wide', $refusal->getMessage());
            }
        }
    }
}
