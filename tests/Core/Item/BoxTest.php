<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Rect;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Boxes whose corners have radii of their own. */
final class BoxTest extends TestCase
{
    /** @param  list<float>|null  $radii */
    private function box(?array $radii, float $w = 100, float $h = 60): Scene
    {
        return Scene::of()->put('b', 40, 30, $w, $h, ['radius' => 5, 'radii' => $radii]);
    }

    public function test_each_corner_is_rounded_by_its_own(): void
    {
        self::assertStringContainsString("d='M0 20A20 20 0 0 1 20 0L100 0L100 50A10 10 0 0 1 90 60L0 60Z'", $this->box([20, 0, 10, 0])->svg('b'));
        self::assertStringContainsString("rx='5'", $this->box(null)->svg('b'));
    }

    public function test_radii_that_are_longer_than_a_side_together_are_made_smaller_alike(): void
    {
        // 80 and 40 on a side of 60: all are halved.
        self::assertStringContainsString("d='M0 40A40 40 0 0 1 40 0L100 0L100 60L20 60A20 20 0 0 1 0 40Z'", $this->box([80, 0, 0, 40])->svg('b'));
        // One alone may take all of the shorter side.
        self::assertStringContainsString("d='M0 60A60 60 0 0 1 60 0L100 0L100 60L0 60Z'", $this->box([60, 0, 0, 0])->svg('b'));
    }

    public function test_its_ink_turned_by_45_degrees_ends_at_the_round_corner(): void
    {
        $scene = Scene::of()->put('b', 0, 0, 100, 100, ['radii' => [20, 0, 0, 0], 'angle' => 45]);
        $half = 50 * sqrt(2);
        // The corner that points up is rounded by 20: it ends that much times the root of 2 less one below the tip.
        self::assertEqualsWithDelta(new Rect(50 - $half, 50 - $half + 20 * (sqrt(2) - 1), 2 * $half, 2 * $half - 20 * (sqrt(2) - 1)), $scene->boxes()->painted('b'), 0.001);
    }

    public function test_it_is_mirrored_as_soon_as_its_corners_differ(): void
    {
        $scene = $this->box([20, 0, 0, 0]);
        $scene->run('mirror', ['b'], ['axis' => 'x']);
        self::assertSame(Flip::Across, $scene->items['b']->flip);
        $plain = $this->box(null);
        $plain->run('mirror', ['b'], ['axis' => 'x']);
        self::assertSame(Flip::None, $plain->items['b']->flip);
    }

    public function test_they_are_scaled_where_looks_are_and_said_in_the_history(): void
    {
        $scene = $this->box([20, 0, 10, 0]);
        $scene->run('resize', ['b'], ['handle' => 'bottom-right', 'dx' => 100, 'dy' => 60, 'scale_looks' => true]);
        self::assertSame([40.0, 0.0, 20.0, 0.0], $scene->items['b']->fields['radii']);
        self::assertSame('Set radii of "b" to 1 2 3 4', $scene->run('set', ['b'], ['radii' => [1, 2, 3, 4]])->report->summary);
    }
}
