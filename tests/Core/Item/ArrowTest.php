<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Rect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Block arrows: shaft and head by number. */
final class ArrowTest extends TestCase
{
    /** @return array<string, array{array<string, mixed>, string}> */
    public static function paths(): array
    {
        return [
            'shaft and head' => [['shaft' => 20, 'head' => 30], 'M70 15L70 0L100 25L70 50L70 35L0 35L0 15Z'],
            'a head at both ends' => [['shaft' => 20, 'head' => 30, 'heads' => 'both'], 'M70 15L70 0L100 25L70 50L70 35L30 35L30 50L0 25L30 0L30 15Z'],
            'a shaft as thick as the frame' => [['shaft' => 50, 'head' => 30], 'M70 0L100 25L70 50L0 50L0 0Z'],
            'a shaft that is thicker' => [['shaft' => 80, 'head' => 30], 'M70 0L100 25L70 50L0 50L0 0Z'],
            'nothing but a head' => [['shaft' => 20, 'head' => 100], 'M0 0L100 25L0 50Z'],
            'heads that meet' => [['shaft' => 20, 'head' => 80, 'heads' => 'both'], 'M50 0L100 25L50 50L0 25Z'],
            'both heads, a shaft as thick as the frame' => [['shaft' => 50, 'head' => 20, 'heads' => 'both'], 'M80 0L100 25L80 50L20 50L0 25L20 0Z'],
        ];
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('paths')]
    public function test_its_corners(array $more, string $path): void
    {
        $svg = Scene::of()->put('a', 40, 60, 100, 50, ['kind' => 'arrow', ...$more])->svg('a');
        self::assertStringContainsString("d='$path'", $svg);
    }

    public function test_it_fills_its_frame_and_its_outline_runs_to_the_mitre(): void
    {
        $scene = Scene::of()->put('a', 40, 60, 100, 50, ['kind' => 'arrow', 'shaft' => 20, 'head' => 25]);
        self::assertEquals(new Rect(40, 60, 100, 50), $scene->boxes()->painted('a'));
        // The tip is a right angle: half the weight times the root of 2 past it.
        $scene->put('b', 40, 60, 100, 50, ['kind' => 'arrow', 'shaft' => 20, 'head' => 25, 'outline' => ['colour' => '#000000', 'weight' => 4]]);
        self::assertEqualsWithDelta(140 + 2 * sqrt(2), $scene->boxes()->painted('b')?->right(), 0.001);
    }

    public function test_its_numbers_stay_when_it_is_sized_and_are_scaled_where_looks_are(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 100, 50, ['kind' => 'arrow', 'shaft' => 20, 'head' => 30]);
        $scene->run('resize', ['a'], ['handle' => 'bottom-right', 'dx' => 100, 'dy' => 50]);
        self::assertSame([20.0, 30.0], [$scene->items['a']->number('shaft'), $scene->items['a']->number('head')]);
        $scene->run('resize', ['a'], ['handle' => 'bottom-right', 'dx' => 200, 'dy' => 100, 'scale_looks' => true]);
        self::assertSame([40.0, 60.0], [$scene->items['a']->number('shaft'), $scene->items['a']->number('head')]);
    }
}
