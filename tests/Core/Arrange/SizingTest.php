<?php

declare(strict_types=1);

namespace Tests\Core\Arrange;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Sizing what is nested and turned, and ranks under pressure. */
final class SizingTest extends TestCase
{
    public function test_a_group_turned_by_90_is_sized_as_it_is_seen(): void
    {
        $scene = Scene::of()
            ->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 90])
            ->put('a', 0, 0, 100, 20, ['parent' => 'g'])
            ->put('b', 0, 40, 50, 20, ['parent' => 'g'])
            ->fitted();
        $before = $scene->bounds('g');
        self::assertSame([60.0, 100.0], [$before->w, $before->h]);
        $scene->run('place', ['g'], ['w' => 120]);
        self::assertEqualsWithDelta(120, $scene->bounds('g')->w, 0.002);
        self::assertEqualsWithDelta(100, $scene->bounds('g')->h, 0.002);
        self::assertEqualsWithDelta(40, $scene->items['a']->frame->h, 0.002, 'what is wide on the sheet is high in the group');
    }

    public function test_groups_in_groups_scale_to_the_last_leaf(): void
    {
        $scene = Scene::of()
            ->put('outer', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('inner', 0, 0, 0, 0, ['kind' => 'group', 'parent' => 'outer'])
            ->put('a', 10, 10, 40, 40, ['parent' => 'inner'])
            ->put('b', 110, 60, 40, 40, ['parent' => 'inner'])
            ->put('c', 10, 110, 140, 20, ['parent' => 'outer'])
            ->fitted();
        $scene->run('resize', ['outer'], ['handle' => 'bottom-right', 'dx' => 140, 'dy' => 120]);
        self::assertEquals([10, 10, 80, 80], array_values($scene->bounds('a')->toArray()));
        self::assertEquals([210, 110, 80, 80], array_values($scene->bounds('b')->toArray()));
        self::assertEquals([10, 210, 280, 40], array_values($scene->bounds('c')->toArray()));
        self::assertEquals([10, 10, 280, 180], array_values($scene->bounds('inner')->toArray()));
    }

    public function test_turned_leaves_of_a_sized_group_keep_their_angle(): void
    {
        $scene = Scene::of()
            ->put('g', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('frame', 0, 0, 200, 200, ['parent' => 'g'])
            ->put('kite', 80, 80, 40, 20, ['parent' => 'g', 'angle' => 30])
            ->fitted();
        $scene->run('resize', ['g'], ['handle' => 'bottom-right', 'dx' => 200, 'dy' => 200]);
        $kite = $scene->items['kite'];
        self::assertSame(30.0, $kite->angle);
        self::assertEqualsWithDelta(80, $kite->frame->w, 0.002, 'scaled alike both ways, it is scaled exactly');
        self::assertEqualsWithDelta(40, $kite->frame->h, 0.002);
        self::assertEqualsWithDelta(200, $kite->frame->centre()->x, 0.002);
    }

    public function test_a_side_of_nought_stays_nought(): void
    {
        $scene = Scene::of()->put('a', 10, 10, 0, 50)->put('b', 10, 80, 0, 50);
        $scene->run('resize', ['a', 'b'], ['handle' => 'right', 'dx' => 30]);
        self::assertSame([0.0, 0.0], [$scene->bounds('a')->w, $scene->bounds('b')->w]);
    }

    public function test_a_wrapped_text_in_a_group_is_set_anew_when_the_group_is_made_wider(): void
    {
        $scene = Scene::of();
        $text = $scene->run('add-item', [], ['kind' => 'text', 'text' => 'Gates close five minutes before each crossing', 'x' => 0, 'y' => 0, 'w' => 100])->report->selection[0];
        $high = $scene->bounds($text)->h;
        $scene->run('resize', [$text], ['handle' => 'right', 'dx' => 300]);
        self::assertSame(400.0, $scene->bounds($text)->w);
        self::assertLessThan($high, $scene->bounds($text)->h);
        self::assertSame(16.0, $scene->items[$text]->fields['size'], 'the letters are as large as they were');
    }

    public function test_a_text_in_a_sized_group_takes_its_part_of_the_size_and_no_more(): void
    {
        $scene = Scene::of()->put('plate', 0, 0, 200, 100);
        $text = $scene->run('add-item', [], ['kind' => 'text', 'text' => 'twelve minutes, every twenty', 'x' => 10, 'y' => 70])->report->selection[0];
        $group = $scene->run('group', ['plate', $text])->report->selection[0];
        $scene->run('place', [$group], ['w' => 100]);
        self::assertEquals([0, 0, 100, 100], array_values($scene->bounds($group)->toArray()), 'a value typed is a value kept');
    }

    public function test_looks_are_scaled_no_further_than_each_can_go(): void
    {
        $scene = Scene::of(4000, 4000)->put('a', 0, 0, 1, 1, ['radius' => 90.0, 'outline' => ['colour' => '#000000', 'weight' => 8.0]]);
        $scene->run('resize', ['a'], ['handle' => 'bottom-right', 'dx' => 99, 'dy' => 99, 'scale_looks' => true]);
        self::assertSame([9000.0, 800.0], [$scene->items['a']->fields['radius'], Look::outline($scene->items['a'])?->weight]);
        $scene->run('resize', ['a'], ['handle' => 'bottom-right', 'dx' => 100, 'dy' => 100, 'scale_looks' => true]);
        self::assertSame([10_000.0, 1000.0], [$scene->items['a']->fields['radius'], Look::outline($scene->items['a'])?->weight]);
    }

    public function test_putting_things_between_two_others_many_times_keeps_the_order(): void
    {
        $scene = Scene::of()->put('back', 0, 0, 1, 1, ['rank' => 0])->put('front', 0, 0, 1, 1, ['rank' => Ranks::STEP]);
        $expected = ['back'];
        for ($i = 0; $i < 60; $i++) {
            $scene->put("i$i", 0, 0, 1, 1, ['rank' => 10 * Ranks::STEP + $i]);
            $scene->run('order', ["i$i"], ['to' => $i + 1]);
            $expected[] = "i$i";
        }
        $expected[] = 'front';
        self::assertSame($expected, array_column((new Tree($scene->items))->children(null), 'id'));
    }

    public function test_moving_by_fractions_on_whole_pixels_says_what_really_moved(): void
    {
        $scene = Scene::of()->put('a', 10.5, 10, 20, 20)->put('b', 30, 10, 20, 20);
        $done = $scene->run('move-by', ['a', 'b'], ['dx' => 1]);
        self::assertSame([12.0, 31.0], $scene->lefts('a', 'b'));
        self::assertSame('Moved 2 boxes: 2 moved, at most 1.5 px', $done->report->summary);
        $scene->run('move-by', ['a', 'b'], ['dx' => 0.5, 'as' => 'one']);
        self::assertSame([13.0, 32.0], $scene->lefts('a', 'b'), 'as one, they keep their mutual places');
    }

    public function test_nothing_is_placed_beyond_a_million(): void
    {
        $scene = Scene::of()->put('a', 999_000, 10, 20, 20);
        try {
            $scene->run('move-by', ['a'], ['dx' => 2_000]);
            self::fail('It was moved.');
        } catch (Refusal $refusal) {
            self::assertSame('That would lie beyond 1,000,000 px.', $refusal->getMessage());
        }
        self::assertSame(999_000.0, $scene->bounds('a')->x);
    }
}
