<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** The box round what is really painted. */
final class InkTest extends TestCase
{
    /** @return array<string, array{float}> */
    public static function angles(): array
    {
        return ['upright' => [0.0], 'a little' => [17.0], 'a half quarter' => [45.0], 'a quarter' => [90.0], 'more' => [133.25], 'backwards' => [-71.0], 'upside down' => [180.0]];
    }

    #[DataProvider('angles')]
    public function test_of_a_turned_round_it_is_exact(float $angle): void
    {
        $scene = Scene::of()->put('badge', 200, 150, 160, 90, ['kind' => 'round', 'angle' => $angle, 'outline' => ['colour' => '#000000', 'weight' => 6.0]]);
        $ink = $scene->boxes()->ink('badge');
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        for ($t = 0; $t < 7200; $t++) {
            [$x, $y] = [80 * cos($t * M_PI / 3600), 45 * sin($t * M_PI / 3600)];
            $turned = deg2rad($angle);
            [$u, $v] = [280 + $x * cos($turned) - $y * sin($turned), 195 + $x * sin($turned) + $y * cos($turned)];
            [$left, $top, $right, $bottom] = [min($left, $u), min($top, $v), max($right, $u), max($bottom, $v)];
        }
        self::assertEqualsWithDelta([$left - 3, $top - 3, $right + 3, $bottom + 3], [$ink->x, $ink->y, $ink->right(), $ink->bottom()], 0.002);
    }

    #[DataProvider('angles')]
    public function test_of_a_rounded_box_it_is_less_than_its_corners_reach(float $angle): void
    {
        $plain = Scene::of()->put('a', 200, 150, 160, 90, ['angle' => $angle])->boxes()->ink('a');
        $rounded = Scene::of()->put('a', 200, 150, 160, 90, ['angle' => $angle, 'radius' => 20.0])->boxes()->ink('a');
        self::assertTrue($plain->contains($rounded));
        $isUpright = fmod($angle, 90.0) === 0.0;
        self::assertSame($isUpright, $plain->same($rounded));
        // A corner of radius r ends r (|cos| + |sin| - 1) before where a sharp one would.
        $short = 20 * (abs(cos(deg2rad($angle))) + abs(sin(deg2rad($angle))) - 1);
        self::assertEqualsWithDelta($plain->w - 2 * $short, $rounded->w, 0.002);
    }

    public function test_what_paints_nothing_has_its_bounds(): void
    {
        $scene = Scene::of()
            ->put('clear', 10, 20, 30, 40, ['fill' => null])
            ->put('faded', 10, 20, 30, 40, ['kind' => 'round', 'opacity' => 0.0])
            ->put('flat', 10, 20, 30, 0, ['kind' => 'round'])
            ->put('empty', 10, 20, 30, 40, ['kind' => 'text', 'text' => ' ']);
        foreach (['clear', 'faded', 'flat', 'empty'] as $id) {
            self::assertEquals($scene->bounds($id), $scene->boxes()->ink($id), $id);
        }
    }

    public function test_of_a_group_it_is_that_of_what_it_shows(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 30])
            ->put('a', 0, 0, 100, 20, ['parent' => 'g', 'outline' => ['colour' => '#000000', 'weight' => 10.0]])
            ->put('b', 0, 0, 900, 900, ['parent' => 'g', 'hidden' => true])->fitted();
        self::assertEquals($scene->boxes()->ink('a'), $scene->boxes()->ink('g'));
        self::assertGreaterThan($scene->bounds('g')->w, $scene->boxes()->ink('g')->w);
    }

    public function test_a_text_reaches_as_far_as_its_glyphs(): void
    {
        $scene = Scene::of()->put('t', 100, 100, 300, 40, ['kind' => 'text', 'text' => 'Pier', 'size' => 30.0, 'grow' => 'none']);
        $ink = $scene->boxes()->ink('t');
        self::assertTrue($scene->bounds('t')->contains($ink));
        self::assertLessThan(80, $ink->w);
        $scene->put('t', 100, 100, 300, 40, ['kind' => 'text', 'text' => 'Pier', 'size' => 30.0, 'grow' => 'none', 'align' => 'end']);
        self::assertEqualsWithDelta(400, $scene->boxes()->ink('t')->right(), 3);
        self::assertEqualsWithDelta($ink->w, $scene->boxes()->ink('t')->w, 0.002);
    }

    public function test_halves_of_thousandths_are_painted_as_they_are(): void
    {
        $scene = Scene::of()->put('r', 0, 0, 10.125, 4, ['kind' => 'round']);
        self::assertStringContainsString("cx='5.0625' cy='2' rx='5.0625' ry='2'", $scene->svg('r'));
    }
}
