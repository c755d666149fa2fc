<?php

declare(strict_types=1);

namespace Tests\Core\Path;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Path data of SVG, in and out. */
final class PathDataTest extends TestCase
{
    /** @return array<string, array{string, string}> */
    public static function commands(): array
    {
        return [
            'lines' => ['M1 2L3 4 5 6', 'M1 2L3 4L5 6'],
            'relative, and without blanks' => ['m1-2l.5.5-3 4z', 'M1 -2L1.5 -1.5L-1.5 2.5Z'],
            'level and upright' => ['M10 10H30V25h-5v5', 'M10 10L30 10L30 25L25 25L25 30'],
            'pairs after a move are lines' => ['M0 0 5 5 9 0', 'M0 0L5 5L9 0'],
            'a smooth curve mirrors the last' => ['M0 0C0 10 10 10 10 0S20-10 20 0', 'M0 0C0 10 10 10 10 0C10 -10 20 -10 20 0'],
            'a smooth curve after a line does not' => ['M0 0L10 0S20 10 30 0', 'M0 0L10 0C10 0 20 10 30 0'],
            'quadratic curves' => ['M0 0Q15 30 30 0T60 0', 'M0 0C10 20 20 20 30 0C40 -20 50 -20 60 0'],
            'back to where it begins' => ['M0 0L10 0L10 10L0 0Z', 'M0 0L10 0L10 10Z'],
            'on from there after it was closed' => ['M5 5h10v10zl-5-5', 'M5 5L15 5L15 15ZM5 5L0 0'],
            'an arc of no radius is a line' => ['M0 0A0 5 0 0 1 10 10', 'M0 0L10 10'],
            'exponents' => ['M1e1 2E-1L+3 4', 'M10 0.2L3 4'],
        ];
    }

    #[DataProvider('commands')]
    public function test_commands(string $data, string $read): void
    {
        self::assertSame($read, PathData::write(PathData::read($data)));
    }

    public function test_arcs_lie_on_their_ellipse(): void
    {
        $tried = 0;
        foreach ([[0, 0], [0, 1], [1, 0], [1, 1]] as [$large, $sweep]) {
            // The flags stand without blanks, as they may.
            $path = PathData::read("M100 0A100 60 0 $large{$sweep}0 60");
            $on = static fn (Point $p, float $cx, float $cy): float => (($p->x - $cx) / 100) ** 2 + (($p->y - $cy) / 60) ** 2;
            [$cx, $cy] = $large === $sweep ? [100.0, 60.0] : [0.0, 0.0];
            foreach ($path->subpaths[0]->parts() as $part) {
                foreach (range(0, 20) as $i) {
                    self::assertEqualsWithDelta(1.0, $on($part->at($i / 20), $cx, $cy), 1e-4, "$large $sweep");
                    $tried++;
                }
            }
            self::assertSame($large === 1 ? 6 : 2, count($path->subpaths[0]->parts()));
        }
        self::assertGreaterThan(300, $tried);
    }

    public function test_written_and_read_the_curves_are_the_same(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        $at = static fn (): Point => new Point($chance->getInt(-3_000_000, 3_000_000) / 1000, $chance->getInt(-3_000_000, 3_000_000) / 1000);
        $compared = 0;
        for ($i = 0; $i < 300; $i++) {
            $runs = array_map(static fn (): Subpath => new Subpath(array_map(static fn (): PathPoint => new PathPoint($at(), $chance->getInt(0, 1) === 1 ? $at() : null, $chance->getInt(0, 1) === 1 ? $at() : null), range(1, $chance->getInt(2, 6))), $chance->getInt(0, 1) === 1), range(1, 3));
            $again = PathData::read(PathData::write(new Path($runs)));
            foreach ($runs as $r => $run) {
                foreach ($run->parts() as $p => $part) {
                    foreach ([0.0, 0.3, 0.7, 1.0] as $t) {
                        [$a, $b] = [$part->at($t), $again->subpaths[$r]->part($p)->at($t)];
                        self::assertLessThan(0.001, hypot($a->x - $b->x, $a->y - $b->y), "path $i, run $r, part $p");
                        $compared++;
                    }
                }
            }
        }
        self::assertGreaterThan(5_000, $compared);
    }

    /** @return array<string, array{string}> */
    public static function offences(): array
    {
        return ['no move' => ['L10 10'], 'a word' => ['M0 0 harbour'], 'half a pair' => ['M0 0L5'], 'no figures' => ['M'], 'NaN' => ['M0 0LNaN 4'], 'too far' => ['M0 0L9e9 4'], 'endless' => ['M0 0L1e999 4']];
    }

    #[DataProvider('offences')]
    public function test_what_is_no_path_data_is_said(string $data): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessageMatches('/^That is no path data of SVG: .+\.$/');
        PathData::read($data);
    }
}
