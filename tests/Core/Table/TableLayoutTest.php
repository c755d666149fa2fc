<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Table\Cell;
use AllSquare\Core\Table\CellLook;
use AllSquare\Core\Table\PlacedCell;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Table\Track;
use AllSquare\Core\Table\TrackSizing;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;

/** Where columns, rows and words of a table come to stand (RULES 19). */
final class TableLayoutTest extends TestCase
{
    private static function layout(TableData $table, float $w = 0.0, float $h = 0.0): TableLayout
    {
        $kind = Kinds::ofTables();
        $item = new Item('t', null, 0, $kind, 'Table', new Rect(0.0, 0.0, $w, $h), 0.0, false, false, ['table' => $table] + $kind->fields()->defaults);

        return $kind->layout($item, Fonts::library());
    }

    /** @param  list<Track>  $columns */
    private static function row(array $columns, float $w): TableLayout
    {
        return self::layout(TableData::of([array_fill(0, count($columns), '')])->with(['columns' => $columns]), $w);
    }

    public function test_what_is_left_is_shared_to_whole_pixels(): void
    {
        // 340 for three: 113, 114, 113, as starts at 0, 113 1/3 and 226 2/3 are rounded.
        self::assertSame([113.0, 114.0, 113.0], self::row([Track::share(), Track::share(), Track::share()], 340)->widths);
        self::assertSame([80.0, 65.0, 195.0], self::row([Track::fixed(80), Track::share(1), Track::share(3)], 340)->widths);
    }

    public function test_one_that_shares_has_its_padding_at_least_and_the_frame_grows_for_it(): void
    {
        $layout = self::row([Track::fixed(300), Track::share(), Track::share()], 310);
        self::assertSame([300.0, 20.0, 20.0], $layout->widths);
        self::assertSame(340.0, $layout->w);
        // A small share is held at what it needs; the other has the rest.
        self::assertSame([20.0, 180.0], self::row([Track::share(1), Track::share(99)], 200)->widths);
    }

    public function test_edges_ascend_and_end_on_the_frame(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(300) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $rows = [];
            for ($r = 0, $n = $chance->getInt(1, 6), $columns = $chance->getInt(1, 9); $r < $n; $r++) {
                for ($c = 0; $c < $columns; $c++) {
                    $rows[$r][$c] = ['', 'Skerry Point', '12.50', 'to Gannet Isle by way of Long Strand', '7'][$chance->getInt(0, 4)];
                }
            }
            $track = static fn (): Track => match ($chance->getInt(0, 2)) {
                0 => Track::fixed($chance->getInt(1, 200)),
                1 => Track::share($chance->getInt(1, 40) / 4),
                default => new Track,
            };
            $table = TableData::of($rows)->with(['columns' => array_map(static fn (): Track => $track(), $rows[0]), 'rows' => array_map(static fn (): Track => $track(), $rows), 'gaps' => [(float) $chance->getInt(0, 3), (float) $chance->getInt(0, 3)]]);
            [$w, $h] = [(float) $chance->getInt(0, 900), (float) $chance->getInt(0, 600)];
            $layout = self::layout($table, $w, $h);
            foreach ([[$layout->lefts, $layout->widths, $table->gaps[0], $layout->w, $w, $table->columns], [$layout->tops, $layout->heights, $table->gaps[1], $layout->h, $h, $table->rows]] as [$starts, $sizes, $gap, $extent, $frame, $tracks]) {
                $at = 0.0;
                foreach ($starts as $i => $start) {
                    self::assertSame($at, $start, "seed $seed");
                    self::assertGreaterThan(0.0, $sizes[$i], "seed $seed");
                    self::assertSame(floor($sizes[$i]), $sizes[$i], "seed $seed: whole");
                    self::assertTrue($tracks[$i]->sizing !== TrackSizing::Fixed || $sizes[$i] === $tracks[$i]->value, "seed $seed: a size typed is a size kept");
                    $at += $sizes[$i] + $gap;
                }
                self::assertSame($extent, $at - $gap, "seed $seed");
                $shares = array_filter($tracks, static fn (Track $one): bool => $one->sizing === TrackSizing::Share);
                if ($shares !== []) {
                    self::assertGreaterThanOrEqual($frame, $extent, "seed $seed: what is left is shared to the last pixel");
                    $again = self::layout($table, $layout->w, $layout->h);
                    self::assertSame([$layout->widths, $layout->heights], [$again->widths, $again->heights], "seed $seed: laid out again in its own frame, nothing moves");
                }
            }
            $tried++;
        }
        self::assertSame(300, $tried);
    }

    public function test_decimal_signs_of_a_column_stand_on_one_line(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(120) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $sign = ['.', ','][$chance->getInt(0, 1)];
            $other = $sign === '.' ? ',' : '.';
            $rows = [];
            for ($r = 0; $r < 12; $r++) {
                $figures = (string) $chance->getInt(0, 9_999_999);
                $grouped = $chance->getInt(0, 1) === 1 ? number_format((float) $figures, 0, $sign, $other) : $figures;
                $rows[] = [['', '-', '+', "\u{2212}", "\u{20AC} ", 'from '][$chance->getInt(0, 5)].$grouped.$sign.$chance->getInt(0, 999).['', ' kg', ' %', "\u{A0}m", '*'][$chance->getInt(0, 4)]];
            }
            $rows[] = [''];
            $look = ['align' => 'decimal'] + ['tracking' => [0, 40][$chance->getInt(0, 1)], 'even_figures' => $chance->getInt(0, 1) === 1, 'font' => ['overpass', 'source-serif-4'][$chance->getInt(0, 1)]];
            $table = TableData::of($rows, (new Track)->looking(new CellLook($look)))->with(['decimal' => $sign, 'whole' => false]);
            $layout = self::layout($table);
            $points = [];
            foreach ($layout->placed() as $cell) {
                $points[] = self::signAt($cell, $sign);
                self::assertGreaterThanOrEqual($layout->lefts[0] + 10.0 - 0.01, $cell->lefts[0], "seed $seed: within its padding");
                self::assertLessThanOrEqual($layout->w - 10.0 + 0.01, $cell->lefts[0] + $cell->lines[0]->width, "seed $seed");
            }
            self::assertCount(12, $points);
            self::assertEqualsWithDelta(min($points), max($points), 0.01, "seed $seed");
            $tried++;
        }
        self::assertSame(120, $tried);
    }

    /** Px where the last decimal sign of a cell is painted, by its glyphs. */
    private static function signAt(PlacedCell $cell, string $sign): float
    {
        $at = NAN;
        foreach (array_chunk($cell->lines[0]->glyphs, 2) as [$codePoint, $x]) {
            $at = (int) $codePoint === ord($sign) ? $cell->lefts[0] + $x * $cell->style->letters->scale() : $at;
        }

        return $at;
    }

    public function test_figures_without_decimals_end_at_that_line_and_a_header_stands_at_the_end(): void
    {
        $table = TableData::of([['Adult'], ['12.50'], ['7'], ['free']], (new Track)->looking(new CellLook(['align' => 'decimal'])))->with(['header' => 1]);
        $cells = [...self::layout($table)->placed()];
        $point = self::signAt($cells[1], '.');
        self::assertEqualsWithDelta($point, $cells[2]->lefts[0] + $cells[2]->lines[0]->width, 0.01);
        self::assertEqualsWithDelta($point, $cells[3]->lefts[0] + $cells[3]->lines[0]->width, 0.01);
        self::assertEqualsWithDelta($cells[1]->lefts[0] + $cells[1]->lines[0]->width, $cells[0]->lefts[0] + $cells[0]->lines[0]->width, 0.5, 'a header ends where the numbers do');
    }

    public function test_words_wrap_in_their_column_and_their_row_is_as_high(): void
    {
        $table = TableData::of([['Sailings from Skerry Point to Gannet Isle', '7']])->with(['columns' => [Track::fixed(100), Track::fixed(50)]]);
        $layout = self::layout($table);
        $cell = $layout->place(0, 0);
        self::assertGreaterThan(2, count($cell->lines));
        self::assertSame((float) ceil(count($cell->lines) * 16 * 1.3 + 12), $layout->heights[0]);
        self::assertSame(implode('', array_map(static fn ($line): string => $line->text, $cell->lines)), 'Sailings from Skerry Point to Gannet Isle');
    }

    public function test_first_baselines_of_a_row_are_on_one_line(): void
    {
        $look = static fn (float $size): CellLook => new CellLook(['stand' => 'baseline', 'size' => $size]);
        $table = TableData::of([['a', 'b', 'c']])->with(['cells' => [[new Cell('Fares', $look(32)), new Cell('2026', $look(12)), new Cell("two\nlines", $look(16))]]]);
        $layout = self::layout($table, 400);
        $baselines = array_map(static fn (PlacedCell $cell): float => $cell->baseline, [...$layout->placed()]);
        self::assertEqualsWithDelta($baselines[0], $baselines[1], 1e-9);
        self::assertEqualsWithDelta($baselines[0], $baselines[2], 1e-9);
        self::assertGreaterThanOrEqual($baselines[2] + 16 * 1.3, $layout->h);
    }

    public function test_one_cell_goes_across_several_and_widens_the_last_of_them(): void
    {
        $table = TableData::of([['Sailings on working days', 'x', '1'], ['2', '3', '4']], new Track);
        $cells = $table->cells;
        $cells[0][0] = $cells[0][0]->spanning(2, 1);
        $layout = self::layout($table->with(['cells' => $cells]));
        $needs = $layout->naturalWidth(0, 0);
        self::assertSame($layout->widths[0] + $layout->widths[1], $layout->box(0, 0)->w);
        self::assertEqualsWithDelta($needs, $layout->box(0, 0)->w, 1.0);
        self::assertTrue($layout->isCovered(0, 1));
        self::assertSame(['Sailings on working days', '1', '2', '3', '4'], array_map(static fn (PlacedCell $cell): string => $cell->lines[0]->text, [...$layout->placed()]));
    }

    public function test_plain_words_are_set_as_texts_are(): void
    {
        $style = self::layout(TableData::empty(1, 1))->styles->of(0, 0);
        foreach (['Skerry Point', 'AVATAR To. 1.7', 'Ty, "Wa"', "caf\u{E9} \u{2013} 7", 'ends in blanks  ', "\u{1F6A2}"] as $words) {
            $table = TableData::of([[$words]], new Track);
            $layout = self::layout($table->with(['whole' => false]));
            $set = \AllSquare\Core\Text\Setting\Setter::set(\AllSquare\Core\Text\Setting\StyledText::plain($words, $style->letters), INF, false);
            self::assertEqualsWithDelta($set->width, $layout->place(0, 0)->lines[0]->width, 1e-6, $words);
            self::assertEqualsWithDelta($set->lines[0]->pieces[0]->seen(), $layout->place(0, 0)->lines[0]->glyphs, 0.011, $words);
        }
    }
}
