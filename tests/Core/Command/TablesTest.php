<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\DimensionDrawing\Measure;
use AllSquare\Core\DimensionDrawing\MeasuredSheet;
use AllSquare\Core\DimensionDrawing\MeasuredSheetOptions;
use AllSquare\Core\DimensionDrawing\Stylesheet;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use AllSquare\Core\Snap\CandidateFinder;
use AllSquare\Core\Snap\SnapKind;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Tables (RULES 19): made, written into, sized, changed in their columns and rows, taken apart and made again. */
final class TablesTest extends TestCase
{
    private const FARES = [['Fare', 'Single', 'Return'], ['Adult', '12.50', '21'], ['Child', '6.25', '11.50'], ['Total', '18.75', '32.50']];

    /**
     * @param  array<string, mixed>  $more
     * @return array{Scene, string}
     */
    private static function fares(array $more = []): array
    {
        $scene = Scene::of(800, 600);

        return [$scene, $scene->run('make-table', [], $more + ['words' => self::FARES, 'header' => 1, 'total' => 1, 'x' => 40, 'y' => 50, 'w' => 360, 'name' => 'Fares'])->report->selection[0]];
    }

    private static function table(Scene $scene, string $id): TableData
    {
        $item = $scene->items[$id];
        self::assertInstanceOf(HasCells::class, $item->kind);

        return $item->kind->table($item);
    }

    private static function layout(Scene $scene, string $id): TableLayout
    {
        $item = $scene->items[$id];
        self::assertInstanceOf(HasCells::class, $item->kind);

        return $item->kind->layout($item, Fonts::library());
    }

    public function test_a_table_is_made_of_words_its_numbers_on_their_decimal_signs(): void
    {
        [$scene, $id] = self::fares();
        $table = self::table($scene, $id);
        self::assertSame(self::FARES, $table->words());
        self::assertSame([[], ['align' => 'decimal'], ['align' => 'decimal']], array_map(static fn ($column): array => $column->look->values, $table->columns));
        self::assertEquals(new Rect(40, 50, 360, 132), $scene->items[$id]->frame);
        self::assertSame([120.0, 120.0, 120.0], self::layout($scene, $id)->widths);
        self::assertSame('Made "Fares": 3 × 4 cells, 360 × 132', Scene::of()->run('make-table', [], ['words' => self::FARES, 'w' => 360, 'name' => 'Fares'])->report->summary);
    }

    public function test_words_are_written_and_the_table_grows_for_them(): void
    {
        [$scene, $id] = self::fares();
        self::assertSame('Wrote "13.50" into row 2, column 2 of "Fares"', $scene->run('set-cells', [$id], ['row' => 1, 'column' => 1, 'words' => [['13.50']]])->report->summary);
        self::assertSame('13.50', self::table($scene, $id)->cells[1][1]->text);
        $done = $scene->run('set-cells', [$id], ['row' => 2, 'column' => 2, 'words' => [['1', '2'], ['3', '4'], ['5', '6']]]);
        self::assertSame('Wrote 6 cells of "Fares", from row 3, column 3 on; 1 row and 1 column were added', $done->report->summary);
        $table = self::table($scene, $id);
        self::assertSame([4, 5], [count($table->columns), count($table->rows)]);
        self::assertSame(['5', '6'], array_slice($table->words()[4], 2));
        self::assertSame(1, $table->total);
        $this->refuses($scene, 'set-cells', $id, ['row' => 9, 'column' => 0, 'words' => [['x']]], '"Fares" has 5 rows.');
    }

    public function test_columns_are_sized_the_others_giving_way_or_the_table_growing(): void
    {
        [$scene, $id] = self::fares();
        self::assertSame('Set column 1 of "Fares" to 160 wide; it is 360 × 132', $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0], 'size' => 160])->report->summary);
        self::assertSame([160.0, 100.0, 100.0], self::layout($scene, $id)->widths, 'those that share give way');
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0], 'size' => 'w + 20', 'rest' => 'grows']);
        self::assertSame([180.0, 100.0, 100.0], self::layout($scene, $id)->widths, 'the table grows');
        self::assertSame(380.0, $scene->items[$id]->frame->w);
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [1, 2], 'size' => 90]);
        self::assertSame(360.0, $scene->items[$id]->frame->w, 'nothing shares any more: it is as wide as its columns');
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0], 'size' => 200, 'rest' => 'gives']);
        self::assertSame([200.0, 70.0, 90.0], self::layout($scene, $id)->widths, 'the next one gives');
        $this->refuses($scene, 'set-tracks', $id, ['axis' => 'x', 'tracks' => [0], 'size' => 300, 'rest' => 'gives'], 'Column 2 beside it has 70 px, and would have to give 100 px.');
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0, 1, 2], 'equal' => true]);
        self::assertSame([120.0, 120.0, 120.0], self::layout($scene, $id)->widths);
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0], 'sizing' => 'content']);
        self::assertSame(ceil(max(array_map(static fn (int $row): float => self::layout($scene, $id)->naturalWidth($row, 0), range(0, 3)))), self::layout($scene, $id)->widths[0]);
        $scene->run('set-tracks', [$id], ['axis' => 'y', 'tracks' => [0], 'size' => '1in']);
        self::assertSame(96.0, self::layout($scene, $id)->heights[0]);
        $this->refuses($scene, 'set-tracks', $id, ['axis' => 'x', 'tracks' => [3], 'size' => 10], '"Fares" has 3 columns.');
        $this->refuses($scene, 'set-tracks', $id, ['axis' => 'x', 'tracks' => [0], 'size' => 0], 'A column is 1 px at least.');
    }

    public function test_five_columns_made_equal_in_what_does_not_divide_end_where_they_did(): void
    {
        $scene = Scene::of();
        $id = $scene->run('make-table', [], ['words' => [['a', 'b', 'c', 'd', 'e']]])->report->selection[0];
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0], 'size' => 183]);
        $w = $scene->items[$id]->frame->w;
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0, 1, 2, 3, 4], 'equal' => true]);
        $widths = self::layout($scene, $id)->widths;
        self::assertSame($w, $scene->items[$id]->frame->w);
        self::assertSame($w, array_sum($widths));
        self::assertLessThanOrEqual(1.0, max($widths) - min($widths));
    }

    public function test_its_frame_is_sized_and_columns_take_it(): void
    {
        [$scene, $id] = self::fares();
        $scene->run('resize', [$id], ['handle' => 'right', 'dx' => 241]);
        self::assertSame([200.0, 201.0, 200.0], self::layout($scene, $id)->widths);
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0, 1, 2], 'size' => 100]);
        $scene->run('resize', [$id], ['handle' => 'bottom-right', 'dx' => 150, 'dy' => 68]);
        self::assertSame([150.0, 150.0, 150.0], self::layout($scene, $id)->widths);
        self::assertSame([50.0, 50.0, 50.0, 50.0], self::layout($scene, $id)->heights);
    }

    public function test_columns_and_rows_come_go_and_move_with_what_is_in_them(): void
    {
        [$scene, $id] = self::fares();
        $scene->run('add-tracks', [$id], ['axis' => 'y', 'at' => 3]);
        self::assertSame(['Fare', 'Adult', 'Child', '', 'Total'], array_column(self::table($scene, $id)->words(), 0));
        $scene->run('move-tracks', [$id], ['axis' => 'x', 'from' => 0, 'to' => 2]);
        self::assertSame(['Single', 'Return', 'Fare'], self::table($scene, $id)->words()[0]);
        self::assertSame('decimal', self::table($scene, $id)->columns[0]->look->values['align']);
        self::assertSame('Deleted rows 2 to 4 of "Fares"', $scene->run('delete-tracks', [$id], ['axis' => 'y', 'from' => 1, 'count' => 3])->report->summary);
        self::assertSame(['Fare', 'Total'], array_column(self::table($scene, $id)->words(), 2));
        self::assertSame([1, 1], [self::table($scene, $id)->header, self::table($scene, $id)->total]);
        $scene->run('delete-tracks', [$id], ['axis' => 'y', 'from' => 1]);
        self::assertSame([1, 0], [self::table($scene, $id)->header, self::table($scene, $id)->total]);
        $this->refuses($scene, 'delete-tracks', $id, ['axis' => 'y', 'from' => 0], 'One row has to be left. Delete the table instead.');
    }

    public function test_a_span_follows_what_comes_and_goes_beneath_it(): void
    {
        [$scene, $id] = self::fares();
        self::assertSame('Let the cell in row 1, column 2 of "Fares" go across 2 columns', $scene->run('span-cells', [$id], ['row' => 0, 'column' => 1, 'columns' => 2])->report->summary);
        $span = fn (int $row, int $column): array => [self::table($scene, $id)->cells[$row][$column]->columns, self::table($scene, $id)->cells[$row][$column]->rows];
        $scene->run('add-tracks', [$id], ['axis' => 'x', 'at' => 2]);
        self::assertSame([3, 1], $span(0, 1), 'a column put beneath it widens it');
        $scene->run('delete-tracks', [$id], ['axis' => 'x', 'from' => 1]);
        self::assertSame([2, 1], $span(0, 1), 'it begins at what is left');
        $scene->run('move-tracks', [$id], ['axis' => 'x', 'from' => 0, 'to' => 1]);
        self::assertSame([1, 1], $span(0, 0), 'what would be torn is ended');
        $scene->run('span-cells', [$id], ['row' => 1, 'column' => 0, 'columns' => 2, 'rows' => 2]);
        $scene->run('span-cells', [$id], ['row' => 2, 'column' => 1, 'columns' => 2]);
        self::assertSame([[1, 1], [2, 1]], [$span(1, 0), $span(2, 1)], 'of two that meet, the later one is there');
    }

    public function test_a_matrix_is_made_of_a_plain_list_of_numbers(): void
    {
        $scene = Scene::of(800, 600);
        $id = $scene->run('make-table', [], ['numbers' => implode(' ', range(1, 100)), 'cell' => 36])->report->selection[0];
        $layout = self::layout($scene, $id);
        self::assertSame(array_fill(0, 10, 36.0), $layout->widths);
        self::assertSame(array_fill(0, 10, 36.0), $layout->heights);
        $reach = $layout->table->brackets->reach();
        self::assertSame(360.0 + 2 * $reach, $scene->items[$id]->frame->w);
        self::assertSame((800 - $scene->items[$id]->frame->w) / 2, $scene->items[$id]->frame->x);
        $words = static fn (string $numbers, array $more = []): array => self::table($scene, $scene->run('make-table', [], ['numbers' => $numbers] + $more)->report->selection[0])->words();
        self::assertSame([['1', '2'], ['3', '4']], $words("1 2\n3 4"));
        self::assertSame([['1', '-2.5'], ['3', '4']], $words('[1, -2.5; 3, 4]'));
        self::assertSame([['1', '2', '3'], ['4', '', '']], $words('1 2 3 4', ['columns' => 3]));
        self::assertSame('Set "Matrix": in round brackets', $scene->run('set-table', [$id], ['brackets' => ['shape' => 'round']])->report->summary);
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => range(0, 9), 'size' => 40]);
        self::assertSame(400.0 + 2 * $reach, $scene->items[$id]->frame->w);
    }

    public function test_looks_are_said_of_parts_columns_rows_and_cells_the_closest_going_before(): void
    {
        [$scene, $id] = self::fares();
        $size = static fn (int $row, int $column): float => self::layout($scene, $id)->styles->of($row, $column)->letters->size;
        $scene->run('set-cell-looks', [$id], ['part' => 'body', 'looks' => ['size' => 14]]);
        $scene->run('set-cell-looks', [$id], ['columns' => [1], 'looks' => ['size' => 15]]);
        $scene->run('set-cell-looks', [$id], ['part' => 'header', 'looks' => ['size' => 18]]);
        $scene->run('set-cell-looks', [$id], ['rows' => [2], 'looks' => ['size' => 20]]);
        self::assertSame('Set row 3, column 2 of "Fares": size 22', $scene->run('set-cell-looks', [$id], ['area' => ['row' => 2, 'column' => 1], 'looks' => ['size' => 22]])->report->summary);
        self::assertSame([14.0, 15.0, 18.0, 20.0, 22.0], [$size(1, 0), $size(1, 1), $size(0, 1), $size(2, 0), $size(2, 1)]);
        self::assertSame('Set row 3, column 2 of "Fares": size as the others', $scene->run('set-cell-looks', [$id], ['area' => ['row' => 2, 'column' => 1], 'looks' => ['size' => null]])->report->summary);
        self::assertSame(20.0, $size(2, 1));
        self::assertNull(self::layout($scene, $id)->styles->of(1, 0)->ground);
        $scene->run('set-table', [$id], ['zebra' => '#eef2ee']);
        self::assertSame([null, null, '#eef2ee', null], array_map(static fn (int $row): mixed => self::layout($scene, $id)->styles->of($row, 0)->ground, range(0, 3)), 'every other row of the body');
    }

    public function test_what_is_painted_lies_where_it_was_laid_out(): void
    {
        [$scene, $id] = self::fares(['preset' => 'boxed']);
        $scene->run('set-table', [$id], ['rules' => ['outside' => ['weight' => 2, 'colour' => '#20302d'], 'down' => ['weight' => 1, 'colour' => '#d3cdbd', 'dash' => [4, 2]]]]);
        $svg = $scene->svg($id);
        self::assertStringContainsString('M1 1H359V131H1Z', $svg, 'the outside lies within the frame');
        self::assertStringContainsString("stroke-dasharray='4 2'", $svg);
        self::assertStringContainsString('M119.5 0V132', $svg, 'a rule of 1 px lies on whole pixels');
        self::assertEquals($scene->bounds($id), $scene->boxes()->ink($id));
        $painting = $scene->painting($id);
        self::assertSame([0.0, 120.0, 120.0, 240.0, 240.0, 360.0], $painting->tracks['x'] ?? []);
    }

    public function test_taken_apart_and_made_again_everything_is_in_its_place(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(25) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            [$scene, $id] = self::fares(['preset' => ['lined', 'boxed', 'striped', 'plain'][$chance->getInt(0, 3)]]);
            foreach ([0, 1, 2] as $column) {
                $scene->run('set-cell-looks', [$id], ['columns' => [$column], 'looks' => ['align' => ['start', 'centre', 'end', 'decimal'][$chance->getInt(0, 3)], 'stand' => ['top', 'middle', 'bottom', 'baseline'][$chance->getInt(0, 3)], 'size' => $chance->getInt(10, 24)]]);
            }
            $scene->run('set-tracks', [$id], ['axis' => 'y', 'tracks' => [1], 'size' => $chance->getInt(20, 60)]);
            $was = self::places($scene, $id);
            $frame = $scene->items[$id]->frame;
            $scene->run('take-apart', [$id]);
            self::assertTrue($scene->items[$id]->isFramedByItems(), "seed $seed");
            self::assertEqualsWithDelta($was, self::places($scene, $id), 0.011, "seed $seed: taken apart");
            $again = $scene->run('make-table', [$id])->report->selection[0];
            self::assertEqualsWithDelta($was, self::places($scene, $again), 0.011, "seed $seed: made again");
            self::assertEquals($frame, $scene->items[$again]->frame, "seed $seed");
            $tried++;
        }
        self::assertSame(25, $tried);
    }

    /** @return list<list<float>> what is painted for each letter: its code point and scale, and where, px of the sheet */
    private static function places(Scene $scene, string $id): array
    {
        $places = [];
        $items = array_filter($scene->items, static fn (Item $item): bool => $item->id === $id || $item->parent === $id);
        foreach ($items as $item) {
            foreach ($scene->painting($item->id)->body as $element) {
                $glyphs = [];
                self::collect($element, $glyphs);
                foreach ($glyphs as [$x, $y, $scale, $list]) {
                    foreach (array_chunk($list, 2) as [$codePoint, $place]) {
                        $sheet = $item->parent === $id ? $scene->items[$id]->toParent() : null;
                        $point = $item->toParent()->apply(new \AllSquare\Core\Geometry\Point($x + $place * $scale, $y));
                        $point = $sheet === null ? $point : $sheet->apply($point);
                        $places[] = [(float) $codePoint, $scale, $point->y, $point->x];
                    }
                }
            }
        }
        // By rows, as far as these differ by more than what is lost by reckoning.
        $key = static fn (array $one): array => [$one[0], $one[1], round($one[2] + 0.00023, 3), $one[3]];
        usort($places, static fn (array $a, array $b): int => $key($a) <=> $key($b));
        self::assertNotSame([], $places);

        return $places;
    }

    /** @param  list<array{float, float, float, list<int|float>}>  $glyphs */
    private static function collect(mixed $element, array &$glyphs): void
    {
        if ($element instanceof \AllSquare\Core\Item\Painting\Letters) {
            self::assertSame(1, preg_match('/translate\((\S+) (\S+)\)scale\((\S+)\)/', $element->transform, $found));
            $glyphs[] = [(float) $found[1], (float) $found[2], (float) $found[3], $element->glyphs];
        } elseif ($element instanceof \AllSquare\Core\Item\Painting\Element) {
            foreach ($element->inside as $inside) {
                self::collect($inside, $glyphs);
            }
        }
    }

    public function test_loose_texts_in_rows_and_columns_become_a_table_without_moving(): void
    {
        $scene = Scene::of(800, 600);
        $ids = [];
        foreach (['Sailing', '07:30', '08:15', 'Pier', '4', '12'] as $i => $words) {
            $ids[] = $scene->run('add-item', [], ['kind' => 'text', 'x' => 40 + 130 * ($i % 3), 'y' => 60 + 34 * intdiv($i, 3), 'text' => $words])->report->selection[0];
        }
        $scene->put('line', 40, 88, 400, 0, ['kind' => 'line', 'outline' => ['colour' => '#20302d', 'weight' => 1]]);
        $was = [];
        foreach ($ids as $id) {
            $was = [...$was, ...self::places($scene, $id)];
        }
        usort($was, static fn (array $a, array $b): int => [$a[0], $a[1], round($a[2] + 0.00023, 3), $a[3]] <=> [$b[0], $b[1], round($b[2] + 0.00023, 3), $b[3]]);
        $table = $scene->run('make-table', [...$ids, 'line'])->report->selection[0];
        self::assertSame([['Sailing', '07:30', '08:15'], ['Pier', '4', '12']], self::table($scene, $table)->words());
        self::assertEqualsWithDelta($was, self::places($scene, $table), 0.011);
        self::assertCount(1, $scene->items);
        $scene->put('a', 0, 0, 10, 10, ['kind' => 'picture'])->put('b', 0, 0, 40, 20, ['kind' => 'text', 'text' => 'x'])->put('c', 5, 0, 40, 20, ['kind' => 'text', 'text' => 'y']);
        $this->refuses($scene, 'make-table', 'b', [], 'Select the texts that are to be its cells, two at least.');
    }

    public function test_a_table_is_cut_and_goes_on_beside_it_with_its_header_again(): void
    {
        [$scene, $id] = self::fares();
        $done = $scene->run('cut-table', [$id], ['row' => 2, 'gap' => 20]);
        self::assertSame('Cut "Fares" above row 3: "Fares, continued" goes on beside it', $done->report->summary);
        [$first, $second] = $done->report->selection;
        self::assertSame([['Fare', 'Single', 'Return'], ['Adult', '12.50', '21']], self::table($scene, $first)->words());
        self::assertSame([['Fare', 'Single', 'Return'], ['Child', '6.25', '11.50'], ['Total', '18.75', '32.50']], self::table($scene, $second)->words());
        self::assertSame([0, 1], [self::table($scene, $first)->total, self::table($scene, $second)->total]);
        self::assertEquals(new Rect(40, 50, 360, 66), $scene->items[$first]->frame);
        self::assertEquals(new Rect(420, 50, 360, 99), $scene->items[$second]->frame);
        $scene->run('set-table', [$second], ['repeats' => false]);
        $third = $scene->run('cut-table', [$second], ['row' => 2, 'place' => 'below', 'gap' => 5])->report->selection[1];
        self::assertSame([['Total', '18.75', '32.50']], self::table($scene, $third)->words(), 'once is enough where that is wished');
        self::assertEquals(new Rect(420, 121, 360, 33), $scene->items[$third]->frame);
        $this->refuses($scene, 'cut-table', $first, ['row' => 1], 'A table is cut above a row that has others before it, the header not counted.');
    }

    public function test_cut_when_it_is_turned_it_goes_on_along_its_own_axes(): void
    {
        [$scene, $id] = self::fares();
        $scene->run('set', [$id], ['angle' => 30]);
        $corner = $scene->items[$id]->toParent()->apply(new Point(380.0, 0.0));
        $second = $scene->run('cut-table', [$id], ['row' => 2, 'gap' => 20])->report->selection[1];
        $at = $scene->items[$second]->toParent()->apply(new Point(0.0, 0.0));
        self::assertEqualsWithDelta([$corner->x, $corner->y], [$at->x, $at->y], 0.01);
    }

    public function test_its_inner_edges_are_snapped_to_mirrored_where_it_is(): void
    {
        [$scene, $id] = self::fares();
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0], 'size' => 160]);
        $scene->put('box', 600, 300, 40, 40);
        $lines = static fn (): array => (new CandidateFinder($scene->sheet, Planning::before($scene->draft(), By::Frame), []))->find([SnapKind::Edge], ['box'], null)->toArray()['lines'];
        $at = static fn (array $lines, string $axis): array => array_column($lines[$axis], 'at');
        self::assertSame([200.0, 300.0], $at($lines(), 'x'));
        self::assertSame([83.0, 116.0, 149.0], $at($lines(), 'y'));
        $scene->run('mirror', [$id], ['axis' => 'x']);
        self::assertSame([240.0, 140.0], $at($lines(), 'x'));
    }

    public function test_a_slice_is_cut_for_each_row_or_each_cell_that_is_seen(): void
    {
        [$scene, $id] = self::fares();
        $scene->run('span-cells', [$id], ['row' => 0, 'column' => 1, 'columns' => 2]);
        $scene->run('add-slice', [$id], ['as' => 'rows']);
        self::assertSame(['Fares 1', 'Fares 2', 'Fares 3', 'Fares 4'], array_column($scene->slices, 'name'));
        self::assertEquals(new Rect(40, 83, 360, 33), array_values($scene->slices)[1]->box);
        $scene->run('add-slice', [$id], ['as' => 'cells', 'name' => '{item}-{row}-{column}']);
        self::assertCount(4 + 11, $scene->slices, 'what is covered is no cell of its own');
        self::assertEquals(new Rect(160, 50, 240, 33), array_column($scene->slices, 'box', 'name')['Fares-1-2']);
        $this->refuses($scene->put('box', 0, 0, 9, 9), 'add-slice', 'box', ['as' => 'cells'], '"box" is a box, and no table.');
    }

    public function test_measured_it_says_its_columns_rows_and_paddings(): void
    {
        [$scene, $id] = self::fares();
        $draft = $scene->draft();
        $measured = MeasuredSheet::of($scene->sheet, $draft->tree, Planning::before($draft, By::Frame), new MeasuredSheetOptions, $draft->fonts);
        $said = array_map(static fn (Measure $measure): string => "$measure->words $measure->from $measure->size", $measured->measures);
        foreach (['column 2 of Fares 160 120', 'row 3 of Fares 116 33', 'left padding of cells of Fares 40 10', 'bottom padding of cells of Fares 77 6'] as $one) {
            self::assertContains($one, $said);
        }
        $css = (new Stylesheet($measured))->css();
        self::assertStringContainsString("grid-template-columns: 120px 120px 120px;\n    grid-template-rows: 33px 33px 33px 33px;", $css);
        self::assertStringContainsString(".fares > * {\n    box-sizing: border-box;\n    padding: 6px 10px 6px 10px;", $css);
        self::assertSame($id, $measured->parts[0]->id);
    }

    public function test_scaled_with_its_looks_everything_of_it_is(): void
    {
        [$scene, $id] = self::fares(['preset' => 'boxed']);
        $scene->run('set-tracks', [$id], ['axis' => 'x', 'tracks' => [0, 1, 2], 'size' => 100]);
        $scene->run('set-cell-looks', [$id], ['rows' => [1], 'looks' => ['size' => 20, 'padding' => [1, 2, 3, 4]]]);
        $is = $scene->items[$id]->kind->fields()->scaled($scene->items[$id]->fields, 2.0);
        self::assertInstanceOf(TableData::class, $is['table']);
        self::assertSame([12.0, 20.0, 12.0, 20.0], $is['table']->padding);
        self::assertSame([200.0, 40.0, [2.0, 4.0, 6.0, 8.0], 2.0], [$is['table']->columns[0]->value, $is['table']->rows[1]->look->values['size'], $is['table']->rows[1]->look->values['padding'], $is['table']->rules['outside']->weight]);
    }

    /** @param  array<string, mixed>  $params */
    private function refuses(Scene $scene, string $command, string $id, array $params, string $sentence): void
    {
        $before = serialize($scene->items);
        try {
            $scene->run($command, [$id], $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertSame($sentence, $refusal->getMessage());
        }
        self::assertSame($before, serialize($scene->items));
    }
}
