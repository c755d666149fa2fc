<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Rect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Scene;

/** Sectors, parts of rings, and rings. */
final class ArcTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private function ink(array $more, float $w = 100, float $h = 100): ?Rect
    {
        return Scene::of()->put('a', 200, 300, $w, $h, ['kind' => 'arc', ...$more])->boxes()->painted('a');
    }

    /** @return array<string, array{array<string, mixed>, array{float, float, float, float}|null}> */
    public static function inks(): array
    {
        return [
            'the upper right quarter' => [['start' => 0, 'sweep' => 90], [250, 300, 50, 50]],
            'backwards, the upper left one' => [['start' => 0, 'sweep' => -90], [200, 300, 50, 50]],
            'the lower half of a ring' => [['start' => 90, 'sweep' => 180, 'hole' => 0.6], [200, 350, 100, 50]],
            'a quarter of a ring' => [['start' => 90, 'sweep' => 90, 'hole' => 0.5], [250, 350, 50, 50]],
            'all of it' => [['sweep' => 360, 'hole' => 0.8], [200, 300, 100, 100]],
            'nothing of it' => [['sweep' => 0], null],
            'a bare curve, whose ends are cut off square' => [['start' => -90, 'sweep' => 180, 'hole' => 1, 'outline' => ['colour' => '#000000', 'weight' => 6]], [197, 297, 106, 53]],
            'a bare curve without an outline' => [['hole' => 1, 'outline' => null], null],
        ];
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array{float, float, float, float}|null  $expected
     */
    #[DataProvider('inks')]
    public function test_what_is_painted(array $more, ?array $expected): void
    {
        self::assertEqualsWithDelta($expected === null ? null : new Rect(...$expected), $this->ink($more), 0.001);
    }

    /** Against points that lie close along all edges, of arcs by chance, turned. */
    public function test_its_extent_is_that_of_its_points(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        for ($tried = 0; $tried < 300; $tried++) {
            [$w, $h, $angle] = [$chance->getInt(10, 300), $chance->getInt(10, 300), $chance->getInt(-180, 180)];
            [$start, $sweep, $hole] = [$chance->getInt(-360, 360), $chance->getInt(1, 360) * ($tried % 2 === 0 ? 1 : -1), $chance->getInt(0, 9) / 10];
            $ink = $this->ink(['start' => $start, 'sweep' => $sweep, 'hole' => $hole, 'angle' => $angle], $w, $h) ?? new Rect(0, 0, 0, 0);
            [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
            for ($i = 0; $i <= 2000; $i++) {
                $at = deg2rad($start + $sweep * $i / 2000);
                foreach (abs($sweep) === 360 ? [1.0] : [1.0, $hole] as $share) {
                    [$x, $y] = [$w / 2 * $share * sin($at), -$h / 2 * $share * cos($at)];
                    [$turnedX, $turnedY] = [$x * cos(deg2rad($angle)) - $y * sin(deg2rad($angle)), $x * sin(deg2rad($angle)) + $y * cos(deg2rad($angle))];
                    [$left, $right] = [min($left, 200 + $w / 2 + $turnedX), max($right, 200 + $w / 2 + $turnedX)];
                    [$top, $bottom] = [min($top, 300 + $h / 2 + $turnedY), max($bottom, 300 + $h / 2 + $turnedY)];
                }
            }
            self::assertEqualsWithDelta([$left, $top, $right, $bottom], [$ink->x, $ink->y, $ink->right(), $ink->bottom()], 0.002, json_encode([$w, $h, $angle, $start, $sweep, $hole]) ?: '');
        }
    }

    public function test_arcs_of_one_frame_have_one_centre_and_meet(): void
    {
        $scene = Scene::of();
        foreach ([0, 120, 240] as $i => $start) {
            $scene->put("a$i", 0, 0, 200, 200, ['kind' => 'arc', 'start' => $start, 'sweep' => 120, 'hole' => 0.5]);
        }
        $paths = array_map(fn (string $id): string => $scene->svg($id), ['a0', 'a1', 'a2']);
        preg_match('/L(\S+ \S+?)A/', $paths[0], $end);
        preg_match_all('/A\S+ \S+ 0 0 0 (\S+ [\d.]+)/', $paths[1], $inner);
        self::assertSame($end[1], end($inner[1]), 'where the hole of the first ends, that of the second begins');
    }
}
