<?php

declare(strict_types=1);

namespace Tests\Core\Path;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Path\Dashes;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Stroke;
use AllSquare\Core\Path\Subpath;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How far paths reach, and what is drawn along them. */
final class ExtentTest extends TestCase
{
    public function test_the_true_extent_is_that_of_points_that_lie_close(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        $at = static fn (): Point => new Point((float) $chance->getInt(-200, 200), (float) $chance->getInt(-200, 200));
        $bulging = 0;
        for ($i = 0; $i < 400; $i++) {
            $run = new Subpath(array_map(static fn (): PathPoint => new PathPoint($at(), $at(), $at()), range(1, $chance->getInt(2, 5))), $chance->getInt(0, 1) === 1);
            $points = [];
            foreach ($run->parts() as $part) {
                array_push($points, ...array_map(static fn (int $k): Point => $part->at($k / 1500), range(0, 1500)));
            }
            [$is, $due] = [(new Path([$run]))->bounds() ?? new Rect(0, 0, 0, 0), Rect::around($points)];
            foreach (['x', 'y', 'w', 'h'] as $side) {
                self::assertEqualsWithDelta($due->{$side}, $is->{$side}, 0.002, "curve $i, $side");
            }
            $bulging += $is->w > Rect::around(array_map(static fn (PathPoint $p): Point => $p->at, $run->points))->w ? 1 : 0;
        }
        self::assertGreaterThan(200, $bulging, 'curves that reach past their points');
    }

    /** @return array<string, array{string, Stroke, array{float, float, float, float}}> */
    public static function strokes(): array
    {
        return [
            'level, cut off' => ['M10 20H110', new Stroke(3), [10, 17, 100, 6]],
            'level, square' => ['M10 20H110', new Stroke(3, 'square'), [7, 17, 106, 6]],
            'level, round' => ['M10 20H110', new Stroke(3, 'round'), [7, 17, 106, 6]],
            'a right angle with a mitre' => ['M0 0H40V30', new Stroke(2), [0, -2, 42, 32]],
            'bevelled' => ['M0 40L40 0L80 40', new Stroke(2, 'butt', 'bevel'), [-M_SQRT2, -M_SQRT2, 80 + 2 * M_SQRT2, 40 + 2 * M_SQRT2]],
            'rounded off' => ['M0 40L40 0L80 40', new Stroke(2, 'butt', 'round'), [-M_SQRT2, -2, 80 + 2 * M_SQRT2, 42 + M_SQRT2]],
            'too sharp for a mitre' => ['M0 0L100 4L0 8', new Stroke(2), [-0.08, -1.998, 100.16, 11.997]],
            'a dot' => ['M5 5L5 5', new Stroke(4, 'round'), [1, 1, 8, 8]],
        ];
    }

    /** @param  array{float, float, float, float}  $box */
    #[DataProvider('strokes')]
    public function test_what_is_drawn_along_it(string $data, Stroke $stroke, array $box): void
    {
        self::assertEqualsWithDelta(new Rect(...$box), $stroke->bounds(PathData::read($data)), 0.002);
    }

    public function test_fitted_dashes_stand_on_every_corner_and_end(): void
    {
        $tried = 0;
        foreach (['M0 0H97V53H0Z' => [97, 53, 97, 53], 'M0 0H40V71' => [40, 71], 'M0 0C40 0 60 20 60 60L90 60' => null] as $data => $edges) {
            foreach ([[8.0, 4.0], [6.0, 3.0, 1.0, 3.0], [5.0], [0.0, 7.0]] as $dash) {
                $run = PathData::read($data)->subpaths[0];
                $lengths = Dashes::fitted($run, $dash)->lengths;
                $edges ??= array_map(static fn ($part): float => $part->length(), $run->parts());
                self::assertEqualsWithDelta(array_sum($edges), array_sum($lengths), 1e-6, 'dashes and gaps are as long as the run');
                $at = 0.0;
                foreach (array_slice($edges, 0, -1) as $edge) {
                    $at += $edge;
                    self::assertSame(0, self::placeAt($lengths, $at) % 2, "$data: a gap at $at");
                    $tried++;
                }
                self::assertSame(1, count($lengths) % 2, 'it ends with a dash');
            }
        }
        self::assertSame(20, $tried);
    }

    /**
     * @param  list<float>  $lengths
     * @return int which of them lies there: even ones are dashes
     */
    private static function placeAt(array $lengths, float $at): int
    {
        $sum = 0.0;
        foreach ($lengths as $i => $length) {
            $sum += $length;
            if ($at <= $sum + 1e-9 && ($i % 2 === 0 || $at < $sum - 1e-9)) {
                return $i;
            }
        }

        return count($lengths);
    }
}
