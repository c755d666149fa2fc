<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Rows and columns of cells. */
final class BlockTest extends TestCase
{
    private function four(): Scene
    {
        return Scene::of()->put('a', 10, 10, 40, 20)->put('b', 70, 12, 80, 30)->put('c', 12, 60, 60, 10)->put('d', 90, 58, 20, 40);
    }

    /** @return array<string, array{string, list<array{float, float}>}> */
    public static function places(): array
    {
        return [
            'top left' => ['top-left', [[10.0, 10.0], [100.0, 10.0], [10.0, 60.0], [100.0, 60.0]]],
            'top' => ['top', [[20.0, 10.0], [90.0, 10.0], [10.0, 60.0], [120.0, 60.0]]],
            'right' => ['right', [[30.0, 15.0], [80.0, 10.0], [10.0, 70.0], [140.0, 55.0]]],
            'centre' => ['centre', [[20.0, 15.0], [90.0, 10.0], [10.0, 70.0], [120.0, 55.0]]],
            'bottom right' => ['bottom-right', [[30.0, 20.0], [80.0, 10.0], [10.0, 80.0], [140.0, 50.0]]],
        ];
    }

    /** @param  list<array{float, float}>  $expected */
    #[DataProvider('places')]
    public function test_cells_of_the_largest_size_and_a_place_in_them(string $place, array $expected): void
    {
        $scene = $this->four();
        $scene->run('block', ['a', 'b', 'c', 'd'], ['columns' => 2, 'column_gap' => 10, 'row_gap' => 10, 'place' => $place]);
        self::assertSame($expected, array_map(static fn (string $id): array => [$scene->bounds($id)->x, $scene->bounds($id)->y], ['a', 'b', 'c', 'd']));
    }

    public function test_done_again_a_block_stays_where_it_is_whatever_the_place_in_its_cells(): void
    {
        $tried = 0;
        foreach (NinePoint::cases() as $place) {
            foreach ([[], ['extent' => 'keep'], ['cell' => 'fit']] as $more) {
                $scene = Scene::of()->put('a', 10, 10, 20, 20)->put('b', 300, 12, 100, 100)->put('c', 14, 200, 20, 20);
                $params = ['columns' => 2, 'column_gap' => 10, 'row_gap' => 10, 'place' => $place->value, ...$more];
                $params = isset($more['extent']) ? array_diff_key($params, ['column_gap' => 1, 'row_gap' => 1]) : $params;
                $scene->run('block', ['a', 'b', 'c'], $params);
                $once = $scene->items;
                self::assertSame(10.0, min($scene->lefts('a', 'b', 'c')), $place->value);
                $scene->run('block', ['a', 'b', 'c'], $params);
                self::assertEquals($once, $scene->items, $place->value);
                $tried++;
            }
        }
        self::assertSame(27, $tried);
    }

    public function test_items_are_taken_in_reading_order_whatever_order_they_are_named_in(): void
    {
        foreach ([['a', 'b', 'c', 'd'], ['d', 'c', 'b', 'a'], ['c', 'a', 'd', 'b']] as $named) {
            $scene = $this->four();
            $scene->run('block', $named, ['columns' => 4, 'column_gap' => 0, 'row_gap' => 0]);
            self::assertSame([10.0, 90.0, 170.0, 250.0], $scene->lefts('a', 'b', 'c', 'd'));
        }
    }

    public function test_a_pile_is_laid_out_in_stacking_order(): void
    {
        $scene = Scene::of()->put('c', 50, 50, 30, 30, ['rank' => 3000])->put('a', 50, 50, 30, 30, ['rank' => 1000])->put('b', 50, 50, 30, 30, ['rank' => 2000]);
        $scene->run('block', ['c', 'b', 'a'], ['columns' => 3, 'column_gap' => 5, 'row_gap' => 5]);
        self::assertSame([50.0, 85.0, 120.0], $scene->lefts('a', 'b', 'c'));
    }

    public function test_the_last_row_may_be_short(): void
    {
        $scene = $this->four();
        $done = $scene->run('block', ['a', 'b', 'c', 'd'], ['columns' => 3, 'column_gap' => 0, 'row_gap' => 0]);
        self::assertSame([10.0, 50.0], [$scene->bounds('d')->x, $scene->bounds('d')->y]);
        self::assertStringContainsString('3 × 2', $done->report->summary);
    }

    public function test_copies_fill_the_block_by_cycling_the_originals(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 20, 0, 10, 10, ['kind' => 'round']);
        $members = $scene->run('block', ['a', 'b'], ['columns' => 3, 'rows' => 3, 'column_gap' => 2, 'row_gap' => 2, 'copies' => 'fill'])->report->details['members'];
        self::assertSame(['box', 'round', 'box', 'round', 'box', 'round', 'box', 'round', 'box'], array_map(static fn (string $id): string => $scene->items[$id]->kind->name(), $members));
        self::assertSame([0.0, 12.0, 24.0, 0.0, 12.0, 24.0, 0.0, 12.0, 24.0], $scene->lefts(...$members));
    }

    public function test_within_the_extent_that_there_is(): void
    {
        $scene = $this->four();
        $scene->run('block', ['a', 'b', 'c', 'd'], ['columns' => 2, 'extent' => 'keep', 'cell' => 'fit']);
        self::assertSame([10.0, 10.0], [$scene->bounds('a')->x, $scene->bounds('a')->y]);
        self::assertSame(150.0, $scene->bounds('b')->right());
        self::assertSame(98.0, $scene->bounds('d')->bottom());
    }

    public function test_what_does_not_fit_the_extent_says_what_it_needs(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 100, 10)->put('b', 20, 0, 100, 10)->put('c', 40, 0, 100, 10);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('It does not fit across: needs 300, has 140.');
        $scene->run('block', ['a', 'b', 'c'], ['columns' => 3, 'extent' => 'keep']);
    }

    public function test_edited_to_n_and_back_is_the_same(): void
    {
        $scene = Scene::of()->put('a', 3, 4, 31, 17);
        $block = $scene->run('block', ['a'], ['columns' => 4, 'rows' => 3, 'column_gap' => 7, 'row_gap' => 5, 'copies' => 'fill', 'series' => true])->report->selection[0];
        $all = static fn (): array => array_map(static fn ($item): array => [$item->kind->name(), $item->frame->toArray(), $item->angle, $item->fields], (new Tree($scene->items))->children($block));
        $before = $all();
        foreach ([['rows' => 9], ['rows' => 3], ['columns' => 2], ['columns' => 4], ['column_gap' => '1/4in'], ['column_gap' => 7], ['place' => 'centre'], ['place' => 'top-left']] as $changes) {
            $scene->run('set-series', [$block], $changes);
        }
        self::assertSame($before, $all());
        self::assertEquals(['x' => 3.0, 'y' => 4.0, 'w' => 4 * 31 + 3 * 7.0, 'h' => 3 * 17 + 2 * 5.0], $scene->bounds($block)->toArray());
    }

    public function test_more_columns_of_a_full_block_keep_it_full_and_of_a_counted_one_its_count(): void
    {
        $make = ['columns' => 4, 'rows' => 2, 'column_gap' => 5, 'row_gap' => 5, 'copies' => 'fill', 'series' => true];
        $scene = Scene::of()->put('a', 0, 0, 10, 10);
        $block = $scene->run('block', ['a'], $make)->report->selection[0];
        $scene->run('set-series', [$block], ['columns' => 6]);
        self::assertSame(12, $this->membersOf($scene, $block));
        $scene->run('set-series', [$block], ['count' => 10]);
        self::assertSame(10, $this->membersOf($scene, $block));
        $scene->run('set-series', [$block], ['columns' => 3]);
        self::assertSame(10, $this->membersOf($scene, $block));
        self::assertSame(4 * 10 + 3 * 5.0, $scene->bounds($block)->h);
    }

    /** @phpstan-impure */
    private function membersOf(Scene $scene, string $block): int
    {
        return count((new Tree($scene->items))->children($block));
    }

    public function test_a_turned_block_is_edited_in_its_own_space(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 30, 10);
        $block = $scene->run('block', ['a'], ['columns' => 3, 'rows' => 2, 'column_gap' => 6, 'row_gap' => 6, 'copies' => 'fill', 'series' => true])->report->selection[0];
        $scene->run('turn', [$block], ['angle' => 30]);
        $corner = $scene->bounds((new Tree($scene->items))->children($block)[0]->id)->centre();
        $scene->run('set-series', [$block], ['rows' => 5, 'column_gap' => 20]);
        $now = $scene->bounds((new Tree($scene->items))->children($block)[0]->id)->centre();
        self::assertEqualsWithDelta([$corner->x, $corner->y], [$now->x, $now->y], 0.002, 'the first stays where it stands');
        self::assertEqualsWithDelta(3 * 30 + 2 * 20, $scene->items[$block]->frame->w, 0.002);
        self::assertSame(30.0, $scene->items[$block]->angle);
    }
}
