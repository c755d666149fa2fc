<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Command\Again;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\PastCommand;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Copies beside, from the clipboard and once more; and into other groups. */
final class CopyingTest extends TestCase
{
    /** @return list<string> */
    private function order(Scene $scene, ?string $parent = null): array
    {
        return array_column((new Tree($scene->items))->children($parent), 'id');
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return array<string, mixed>
     */
    private function excerpt(array $items): array
    {
        return ['format' => 'allsquare-excerpt', 'version' => 2, 'items' => $items];
    }

    /** @return array<string, mixed> as it lies on the clipboard */
    private function cut(Item $item): array
    {
        return ['id' => $item->id, 'kind' => $item->kind->name(), 'name' => $item->name, 'parent' => $item->parent, 'frame' => $item->frame->toArray(), 'angle' => $item->angle, 'hidden' => $item->hidden, ...$item->fields];
    }

    public function test_copies_land_directly_above_their_sources(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 0, 0, 10, 10)->put('c', 0, 0, 10, 10);
        $done = $scene->run('duplicate', ['a', 'b'], ['dx' => 5, 'dy' => '2*3']);
        [$first, $second] = $done->report->selection;
        self::assertSame(['a', $first, 'b', $second, 'c'], $this->order($scene));
        self::assertSame([5.0, 5.0], $scene->lefts($first, $second));
        self::assertSame(['a', 'b'], $done->report->details['originals']);
    }

    public function test_what_lay_in_a_locked_group_is_pasted_on_the_sheet_itself(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'locked' => true])->put('a', 10, 20, 30, 40, ['parent' => 'g'])->put('b', 50, 20, 30, 40, ['parent' => 'g'])->put('c', 0, 0, 5, 5)->fitted();
        $copy = $scene->run('paste', [], ['file' => $this->excerpt([['parent' => null] + $this->cut($scene->items['a'])])])->report->selection[0];
        self::assertNull($scene->items[$copy]->parent);
        self::assertSame(['g', 'c', $copy], $this->order($scene));
    }

    public function test_copies_keep_their_distance_and_come_to_whole_pixels(): void
    {
        $scene = Scene::of()->put('a', 30, 40, 10, 10);
        $copies = [];
        foreach ([[5, -8], [0.4, 0.5], [0, 0]] as [$dx, $dy]) {
            $copies[] = $scene->run('duplicate', ['a'], ['dx' => $dx, 'dy' => $dy])->report->selection[0];
        }
        self::assertSame([35.0, 30.0, 30.0], $scene->lefts(...$copies));
        self::assertSame([32.0, 41.0, 40.0], $scene->tops(...$copies));
    }

    public function test_running_figures_count_up(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 60, 20, ['kind' => 'text', 'text' => 'Gate 09', 'name' => 'Gate 09', 'grow' => 'none']);
        $copy = $scene->run('duplicate', ['a'], ['dx' => 70, 'count_up' => true])->report->selection[0];
        self::assertSame(['Gate 10', 'Gate 10'], [$scene->items[$copy]->word('text'), $scene->items[$copy]->name]);
    }

    public function test_pasted_where_it_was_directly_above_its_source_in_its_group(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 30])->put('a', 10, 20, 30, 40, ['parent' => 'g'])->put('b', 50, 20, 30, 40, ['parent' => 'g'])->put('top', 0, 0, 5, 5)->fitted();
        $centre = $scene->bounds('a')->centre();
        $clip = ['parent' => null, 'angle' => 30, 'frame' => ['x' => $centre->x - 15, 'y' => $centre->y - 20, 'w' => 30, 'h' => 40]] + $this->cut($scene->items['a']);
        $copy = $scene->run('paste', [], ['file' => $this->excerpt([$clip])])->report->selection[0];
        self::assertSame(['a', $copy, 'b'], $this->order($scene, 'g'));
        self::assertEqualsWithDelta($scene->bounds('a')->toArray(), $scene->bounds($copy)->toArray(), 0.003);
        self::assertEqualsWithDelta(0.0, $scene->items[$copy]->angle, 1e-6);
    }

    public function test_pasted_on_another_sheet_with_all_that_is_in_it_at_the_pointer(): void
    {
        $from = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 10, 20, 30, 40, ['parent' => 'g'])->fitted();
        $group = $this->cut($from->items['g']) + ['origin' => ['x' => $from->items['g']->origin->x, 'y' => $from->items['g']->origin->y]];
        $to = Scene::of()->put('z', 0, 0, 5, 5);
        $pasted = $to->run('paste', [], ['file' => $this->excerpt([$group, $this->cut($from->items['a'])]), 'at' => ['x' => 200.4, 'y' => 100]])->report->selection;
        self::assertSame(['z', ...$pasted], $this->order($to));
        self::assertEquals(['x' => 185.0, 'y' => 80.0, 'w' => 30.0, 'h' => 40.0], $to->bounds($pasted[0])->toArray());
    }

    /** @return array<string, array{mixed, string}> */
    public static function garbage(): array
    {
        $box = ['id' => 'x', 'kind' => 'box', 'name' => 'x', 'frame' => ['x' => 0, 'y' => 0, 'w' => 5, 'h' => 5]];
        $file = static fn (array ...$items): array => ['format' => 'allsquare-excerpt', 'version' => 2, 'items' => $items];

        return [
            'nothing' => [null, 'nothing from All Square to paste'],
            'another format' => [['format' => 'shopping-list', 'items' => [$box]], 'nothing from All Square to paste'],
            'no items' => [$file(), 'nothing from All Square to paste'],
            'in a group that is not there' => [$file(['parent' => 'nowhere'] + $box), 'does not come before it'],
            'in itself' => [$file(['parent' => 'x'] + $box), 'does not come before it'],
            'in a box' => [$file($box, ['id' => 'y', 'parent' => 'x'] + $box), 'cannot hold items'],
            'the same id twice' => [$file($box, $box), 'the id of another one'],
            'far away' => [$file(['frame' => ['x' => 1e9, 'y' => 0, 'w' => 1, 'h' => 1]] + $box), 'beyond 1,000,000 px'],
            'a series of a kind that there is not' => [$file(['kind' => 'group', 'series' => ['kind' => 'spiral']] + $box), 'no series of the kind "spiral"'],
            'a font that there is not' => [$file(['kind' => 'text', 'text' => 'x', 'font' => 'nonesuch'] + $box), 'nonesuch'],
        ];
    }

    #[DataProvider('garbage')]
    public function test_garbage_is_refused(mixed $file, string $said): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10);
        try {
            $scene->run('paste', [], ['file' => $file]);
            self::fail('It was pasted.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($said, $refusal->getMessage());
            self::assertCount(1, $scene->items);
        }
    }

    public function test_into_a_turned_group_and_out_again_nothing_moves(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 25])->put('a', 10, 20, 30, 40, ['parent' => 'g'])->put('b', 300, 200, 50, 20, ['angle' => 10])->fitted();
        $before = $scene->bounds('b');
        $scene->run('move-into', ['b'], ['parent' => 'g', 'index' => 0]);
        self::assertSame(['b', 'a'], $this->order($scene, 'g'));
        self::assertEqualsWithDelta($before->toArray(), $scene->bounds('b')->toArray(), 0.003);
        $scene->run('move-into', ['b'], ['parent' => null]);
        self::assertSame(['g', 'b'], $this->order($scene));
        self::assertEqualsWithDelta($before->toArray(), $scene->bounds('b')->toArray(), 0.004);
    }

    public function test_a_group_does_not_go_into_itself_nor_into_what_is_locked_or_no_group(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('h', 0, 0, 0, 0, ['kind' => 'group', 'parent' => 'g'])->put('a', 0, 0, 5, 5, ['parent' => 'h'])->put('l', 0, 0, 0, 0, ['kind' => 'group', 'locked' => true])->put('b', 0, 0, 5, 5, ['parent' => 'l'])->fitted();
        foreach ([['g', 'h', 'into itself'], ['a', 'l', 'is locked'], ['g', 'b', 'cannot hold items']] as [$item, $parent, $said]) {
            try {
                $scene->run('move-into', [$item], ['parent' => $parent]);
                self::fail("$item went into $parent");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($said, $refusal->getMessage());
            }
        }
    }

    public function test_a_group_left_empty_goes(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 0, 0, 5, 5, ['parent' => 'g'])->fitted();
        $scene->run('move-into', ['a'], ['parent' => null]);
        self::assertSame(['a'], array_keys($scene->items));
    }

    /**
     * @param  array<string, mixed>  $params
     * @param  list<string>  $after
     * @param  array{float, float}  ...$moved
     */
    private static function line(string $name, array $params, array $after, array ...$moved): PastCommand
    {
        return new PastCommand($name, $params, ['moved' => array_map(static fn (array $m): array => ['id' => 'x', 'dx' => $m[0], 'dy' => $m[1]], $moved)], $after);
    }

    public function test_again_is_the_last_that_arranged_set_or_copied(): void
    {
        $align = self::line('align', ['edge' => 'left'], ['a']);
        self::assertSame(['align', ['edge' => 'left'], 'px'], Again::of([self::line('set', ['name' => 'Mast'], ['a']), self::line('add-item', ['kind' => 'box'], ['a']), $align]));
        self::assertSame(['set', ['fill' => '#000000'], 'px'], Again::of([self::line('set', ['fill' => '#000000'], ['a']), $align]));
    }

    public function test_a_copy_that_was_moved_is_one_offset(): void
    {
        $copy = self::line('duplicate', ['dx' => 2, 'dy' => 0], ['c', 'd']);
        $moves = [self::line('move-by', ['dx' => 0, 'dy' => 7.4], ['d', 'c'], [0.0, 7.0], [0.0, 7.0]), self::line('move-by', ['dx' => 60, 'dy' => 0], ['c', 'd'], [60.0, 0.0])];
        self::assertSame(['duplicate', ['dx' => 62.0, 'dy' => 7.0], 'px'], Again::of([...$moves, $copy]));
        self::assertSame(['move-by', ['dx' => 1, 'dy' => 1], 'px'], Again::of([self::line('move-by', ['dx' => 1, 'dy' => 1], ['c'], [1.0, 1.0]), $copy]), 'another selection was moved');
    }

    public function test_nothing_to_do_again_is_said(): void
    {
        $this->expectExceptionMessage('nothing to do again yet');
        Again::of([self::line('add-item', [], ['a'])]);
    }

    public function test_nine_portholes_in_a_row(): void
    {
        $scene = Scene::of()->put('p', 20, 20, 40, 40, ['kind' => 'round']);
        $selection = $scene->run('duplicate', ['p'])->report->selection;
        $moved = $scene->run('move-by', $selection, ['dx' => 56, 'dy' => 0]);
        [$name, $params] = Again::of([new PastCommand('move-by', ['dx' => 56, 'dy' => 0], $moved->report->details, $selection), new PastCommand('duplicate', [], [], $selection)]);
        for ($i = 0; $i < 7; $i++) {
            $selection = $scene->run($name, $selection, $params)->report->selection;
        }
        $lefts = $scene->lefts(...$this->order($scene));
        sort($lefts);
        self::assertSame(array_map(static fn (int $i): float => 20.0 + 56 * $i, range(0, 8)), $lefts);
    }
}
