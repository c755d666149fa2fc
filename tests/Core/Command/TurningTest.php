<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Turning about points, mirroring, and sizing with its looks. */
final class TurningTest extends TestCase
{
    public function test_a_point_to_turn_about_counts_from_the_zero(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 20, 20);
        $scene->run('set-zero', [], ['x' => 50, 'y' => 60]);
        $scene->run('turn', ['a'], ['by' => 90, 'about' => ['x' => 50, 'y' => '20*2']]);
        // About 100, 100: the centre goes from 110, 110 to 90, 110.
        self::assertSame(['x' => 80.0, 'y' => 100.0, 'w' => 20.0, 'h' => 20.0], $scene->bounds('a')->toArray());
    }

    public function test_350_is_minus_10(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 60, 20);
        $done = $scene->run('turn', ['a'], ['angle' => 350]);
        self::assertSame(-10.0, $scene->items['a']->angle);
        self::assertSame('Turned "a" to -10° (was 0°)', $done->report->summary);
    }

    public function test_about_its_own_corner_another_place_and_the_zero(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 60, 20);
        $scene->run('turn', ['a'], ['by' => 90, 'about' => 'top-left']);
        self::assertEquals(['x' => 80.0, 'y' => 100.0, 'w' => 20.0, 'h' => 60.0], $scene->bounds('a')->toArray());
        $scene->run('turn', ['a'], ['by' => -90, 'about' => 'top-left']);
        self::assertEquals(['x' => 100.0, 'y' => 100.0, 'w' => 60.0, 'h' => 20.0], $scene->items['a']->frame->toArray());
        $scene->run('turn', ['a'], ['by' => 180, 'about' => ['x' => 100, 'y' => 100]]);
        self::assertEquals(['x' => 40.0, 'y' => 80.0, 'w' => 60.0, 'h' => 20.0], $scene->bounds('a')->toArray());
        $scene->run('set-zero', [], ['x' => 100, 'y' => 80]);
        $scene->run('turn', ['a'], ['by' => 180, 'about' => 'zero']);
        self::assertEquals(['x' => 100.0, 'y' => 60.0, 'w' => 60.0, 'h' => 20.0], $scene->bounds('a')->toArray());
    }

    public function test_as_one_about_the_common_centre(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 40)->put('b', 60, 0, 40, 40);
        $scene->run('turn', ['a', 'b'], ['by' => 90, 'as' => 'one']);
        self::assertSame([30.0, 30.0], $scene->lefts('a', 'b'));
        self::assertSame([-30.0, 30.0], $scene->tops('a', 'b'));
    }

    public function test_neither_or_both_of_angle_and_by_is_refused(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 40);
        foreach ([[], ['angle' => 4, 'by' => 5]] as $params) {
            try {
                $scene->run('turn', ['a'], $params);
                self::fail('It was turned.');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('either to which angle or by how much', $refusal->getMessage());
            }
        }
    }

    public function test_mirrored_as_one_and_each(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 40, ['angle' => 30])->put('b', 160, 0, 40, 40);
        $scene->run('mirror', ['a', 'b'], ['axis' => 'x', 'as' => 'each']);
        self::assertSame([-30.0, 0.0], [$scene->items['a']->angle, $scene->items['b']->angle]);
        self::assertSame([160.0], $scene->lefts('b'));
        $before = $scene->bounds('b')->centre()->x - $scene->bounds('a')->centre()->x;
        $scene->run('mirror', ['a', 'b'], ['axis' => 'x']);
        self::assertEqualsWithDelta(-$before, $scene->bounds('b')->centre()->x - $scene->bounds('a')->centre()->x, 0.002);
    }

    public function test_looks_are_scaled_only_if_wished(): void
    {
        foreach ([false, true] as $wished) {
            $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])
                ->put('a', 0, 0, 100, 100, ['parent' => 'g', 'radius' => 8.0, 'outline' => ['colour' => '#000000', 'weight' => 2.0]])
                ->put('t', 10, 10, 60, 20, ['parent' => 'g', 'kind' => 'text', 'text' => 'Holm', 'size' => 10.0, 'grow' => 'none'])->fitted();
            $scene->run('resize', ['g'], ['handle' => 'bottom-right', 'dx' => 100, 'dy' => 100, 'scale_looks' => $wished]);
            self::assertSame(200.0, $scene->bounds('a')->w);
            self::assertSame($wished ? [16.0, 4.0, 20.0] : [8.0, 2.0, 10.0], [$scene->items['a']->number('radius'), Look::outline($scene->items['a'])?->weight, $scene->items['t']->number('size')]);
        }
    }
}
