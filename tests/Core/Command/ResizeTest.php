<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Point;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class ResizeTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array{float, float, float, float}}> */
    public static function drags(): iterable
    {
        yield 'right' => [['handle' => 'right', 'dx' => 20], [100, 100, 120, 50]];
        yield 'left' => [['handle' => 'left', 'dx' => 20], [120, 100, 80, 50]];
        yield 'a side takes only its own direction' => [['handle' => 'top', 'dx' => 99, 'dy' => -10], [100, 90, 100, 60]];
        yield 'a corner' => [['handle' => 'bottom-right', 'dx' => 10, 'dy' => 5], [100, 100, 110, 55]];
        yield 'about the centre' => [['handle' => 'right', 'dx' => 10, 'centre' => true], [90, 100, 120, 50]];
        yield 'in proportion' => [['handle' => 'bottom-right', 'dx' => 100, 'dy' => 0, 'ratio' => true], [100, 100, 200, 100]];
        yield 'in proportion by a side' => [['handle' => 'right', 'dx' => 100, 'ratio' => true], [100, 75, 200, 100]];
        yield 'past the other side' => [['handle' => 'right', 'dx' => -130], [70, 100, 30, 50]];
        yield 'to nothing' => [['handle' => 'right', 'dx' => -100], [100, 100, 0, 50]];
        yield 'to a fraction' => [['handle' => 'right', 'dx' => 0.4], [100, 100, 100, 50]];
        yield 'by a sum' => [['handle' => 'right', 'dx' => '1in/4'], [100, 100, 124, 50]];
    }

    /**
     * @param  array<string, mixed>  $params
     * @param  array{float, float, float, float}  $box
     */
    #[DataProvider('drags')]
    public function test_a_handle_is_dragged(array $params, array $box): void
    {
        $scene = Scene::of()->put('a', 100, 100, 100, 50);
        $scene->run('resize', ['a'], $params);
        self::assertEquals($box, array_values($scene->bounds('a')->toArray()));
    }

    public function test_a_turned_item_is_sized_along_its_own_axes_and_the_other_side_stays(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 100, 50, ['angle' => 30]);
        $corner = $scene->items['a']->toParent()->apply(new Point(0, 0));
        $scene->run('resize', ['a'], ['handle' => 'bottom-right', 'dx' => 20, 'dy' => 10]);
        self::assertSame([120.0, 60.0, 30.0], [$scene->items['a']->frame->w, $scene->items['a']->frame->h, $scene->items['a']->angle]);
        $now = $scene->items['a']->toParent()->apply(new Point(0, 0));
        self::assertEqualsWithDelta($corner->x, $now->x, 0.001);
        self::assertEqualsWithDelta($corner->y, $now->y, 0.001);
    }

    public function test_several_scale_in_their_common_box(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 100, 50)->put('b', 100, 50, 100, 50)->put('rule', 0, 100, 200, 0, ['kind' => 'line']);
        $scene->run('resize', ['a', 'b', 'rule'], ['handle' => 'bottom-right', 'dx' => 200, 'dy' => 100]);
        self::assertEquals([200, 100, 200, 100], array_values($scene->bounds('b')->toArray()));
        self::assertEquals([0, 200, 400, 0], array_values($scene->bounds('rule')->toArray()));
    }

    public function test_a_slanting_line_keeps_its_ends_in_the_box(): void
    {
        $scene = Scene::of();
        $scene->put('rule', 0, 50, 141.421, 0, ['kind' => 'line', 'angle' => 45])->put('box', 0, 0, 200, 100);
        $before = $scene->bounds('rule');
        $scene->run('resize', ['rule', 'box'], ['handle' => 'right', 'dx' => 200]);
        self::assertEqualsWithDelta(2 * $before->w, $scene->bounds('rule')->w, 0.01);
        self::assertEqualsWithDelta($before->h, $scene->bounds('rule')->h, 0.01);
    }

    public function test_a_group_with_something_locked_is_not_sized(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 0, 0, 10, 10, ['parent' => 'g', 'locked' => true])->fitted();
        $this->expectExceptionMessage('"g" holds "a", which is locked. Unlock it first.');
        $scene->run('resize', ['g'], ['handle' => 'right', 'dx' => 5]);
    }
}
