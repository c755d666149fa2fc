<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Group, ungroup, order, duplicate, delete, lock and hide. */
final class TreeCommandsTest extends TestCase
{
    private function stack(): Scene
    {
        return Scene::of()->put('a', 0, 0, 10, 10)->put('b', 20, 0, 10, 10)->put('c', 40, 0, 10, 10)->put('d', 60, 0, 10, 10);
    }

    /** @return list<string> */
    private function order(Scene $scene, ?string $parent = null): array
    {
        return array_column((new Tree($scene->items))->children($parent), 'id');
    }

    public function test_a_group_stands_where_its_foremost_item_stood(): void
    {
        $scene = $this->stack();
        $done = $scene->run('group', ['a', 'c'], ['name' => 'Buoys']);
        self::assertSame(['b', 'new-1', 'd'], $this->order($scene));
        self::assertSame(['a', 'c'], $this->order($scene, 'new-1'));
        self::assertSame(['new-1'], $done->report->selection);
        self::assertEquals(['x' => 0.0, 'y' => 0.0, 'w' => 50.0, 'h' => 10.0], $scene->items['new-1']->frame->toArray());
        $scene->run('ungroup', ['new-1']);
        self::assertSame(['b', 'a', 'c', 'd'], $this->order($scene));
        self::assertArrayNotHasKey('new-1', $scene->items);
    }

    public function test_nothing_moves_on_the_sheet_when_turned_groups_are_taken_apart(): void
    {
        $scene = Scene::of()
            ->put('outer', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 20])
            ->put('inner', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 15, 'parent' => 'outer'])
            ->put('a', 100, 100, 60, 30, ['parent' => 'inner', 'angle' => 10])
            ->put('b', 200, 140, 60, 30, ['parent' => 'inner'])
            ->fitted();
        $before = [$scene->bounds('a'), $scene->bounds('b')];
        $scene->run('ungroup', ['inner']);
        $scene->run('ungroup', ['outer']);
        self::assertSame(45.0, $scene->items['a']->angle);
        foreach (['a', 'b'] as $i => $id) {
            foreach ($before[$i]->toArray() as $side => $value) {
                self::assertEqualsWithDelta($value, $scene->bounds($id)->toArray()[$side], 0.003, "$id $side");
            }
        }
    }

    public function test_turning_a_group_and_back_leaves_every_child_exactly_as_it_was(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 13, 7, 60, 30, ['parent' => 'g'])->put('b', 200, 140, 61, 33, ['parent' => 'g'])->fitted();
        $before = $scene->items;
        $scene->run('set', ['g'], ['angle' => 17]);
        self::assertNotEquals($before, $scene->items);
        $scene->run('set', ['g'], ['angle' => 0]);
        self::assertEquals($before, $scene->items);
    }

    public function test_moving_one_child_of_a_turned_group_moves_no_other(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 33])->put('a', 100, 100, 60, 30, ['parent' => 'g'])->put('b', 200, 140, 60, 30, ['parent' => 'g'])->fitted();
        $before = $scene->bounds('b');
        for ($i = 0; $i < 50; $i++) {
            $scene->run('move-by', ['a'], ['dx' => -7, 'dy' => 3]);
        }
        self::assertEquals($before, $scene->bounds('b'));
    }

    public function test_order(): void
    {
        foreach ([
            ['front', ['b', 'c', 'd', 'a']], ['forward', ['b', 'a', 'c', 'd']], [2, ['b', 'c', 'a', 'd']], [99, ['b', 'c', 'd', 'a']],
        ] as [$to, $expected]) {
            $scene = $this->stack();
            $scene->run('order', ['a'], ['to' => $to]);
            self::assertSame($expected, $this->order($scene), (string) $to);
        }
        $scene = $this->stack();
        $done = $scene->run('order', ['c', 'd'], ['to' => 'back']);
        self::assertSame(['c', 'd', 'a', 'b'], $this->order($scene));
        self::assertCount(2, $done->change->items, 'only the rows that were put elsewhere change');
        self::assertTrue($scene->run('order', ['c', 'd'], ['to' => 'back'])->change->isEmpty());
    }

    public function test_ranks_are_renumbered_only_when_they_are_exhausted(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 1, 1, ['rank' => 0])->put('b', 0, 0, 1, 1, ['rank' => 1])->put('c', 0, 0, 1, 1, ['rank' => 2]);
        $scene->run('order', ['c'], ['to' => 1]);
        self::assertSame(['a', 'c', 'b'], $this->order($scene));
    }

    public function test_a_copy_lies_directly_above_its_source_and_is_selected(): void
    {
        $scene = $this->stack();
        $done = $scene->run('duplicate', ['b'], ['dx' => 5, 'dy' => '2*h']);
        self::assertSame(['a', 'b', 'new-1', 'c', 'd'], $this->order($scene));
        self::assertSame(['new-1'], $done->report->selection);
        self::assertSame([25.0, 20.0], [$scene->bounds('new-1')->x, $scene->bounds('new-1')->y]);
    }

    public function test_a_group_is_copied_with_what_is_in_it(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 10])->put('a', 5, 5, 10, 10, ['parent' => 'g'])->fitted();
        $scene->run('duplicate', ['g']);
        self::assertCount(4, $scene->items);
        self::assertEquals($scene->bounds('g'), $scene->bounds('new-1'));
        self::assertCount(1, (new Tree($scene->items))->children('new-1'));
    }

    public function test_deleting_the_last_of_a_group_takes_the_group_along(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 5, 5, 10, 10, ['parent' => 'g'])->put('z', 0, 0, 1, 1)->fitted();
        $scene->run('delete', ['a']);
        self::assertSame(['z'], array_keys($scene->items));
    }

    public function test_locked_things_stay_and_may_be_renamed_and_unlocked(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'locked' => true])->put('a', 5, 5, 10, 10, ['parent' => 'g'])->put('b', 50, 5, 10, 10)->fitted();
        foreach ([['delete', []], ['move-by', ['dx' => 1]], ['place', ['x' => 1]], ['set', ['fill' => '#ffffff']], ['resize', ['handle' => 'left', 'dx' => 1]], ['order', ['to' => 'front']]] as [$command, $params]) {
            try {
                $scene->run($command, ['a'], $params);
                self::fail("$command was done.");
            } catch (Refusal $refusal) {
                self::assertStringContainsString('"a" is locked', $refusal->getMessage(), $command);
            }
        }
        $done = $scene->run('move-by', ['a', 'b'], ['dx' => 3]);
        self::assertSame('Moved "b" 3 px right; 1 locked stayed', $done->report->summary);
        self::assertSame('Renamed "a" to "Pier"', $scene->run('set', ['a'], ['name' => 'Pier'])->report->summary);
        $scene->run('set', ['g'], ['locked' => false]);
        $scene->run('move-by', ['a'], ['dx' => 3]);
        self::assertSame(8.0, $scene->bounds('a')->x);
    }

    public function test_a_group_moved_from_outside_takes_its_locked_children_along(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 5, 5, 10, 10, ['parent' => 'g', 'locked' => true])->fitted();
        $scene->run('move-by', ['g'], ['dx' => 10]);
        self::assertSame(15.0, $scene->bounds('a')->x);
        $this->expectExceptionMessage('holds "a", which is locked');
        $scene->run('delete', ['g']);
    }

    public function test_hidden_children_do_not_count_for_their_group(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 5, 5, 10, 10, ['parent' => 'g'])->put('b', 50, 5, 10, 10, ['parent' => 'g'])->fitted();
        $scene->run('set', ['b'], ['hidden' => true]);
        self::assertSame(10.0, $scene->bounds('g')->w);
        $scene->run('set', ['b'], ['hidden' => false]);
        self::assertSame(55.0, $scene->bounds('g')->w);
    }

    public function test_an_item_named_with_its_ancestor_is_dropped(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 5, 5, 10, 10, ['parent' => 'g'])->fitted();
        $scene->run('move-by', ['g', 'a'], ['dx' => 10]);
        self::assertSame(15.0, $scene->bounds('a')->x);
    }
}
