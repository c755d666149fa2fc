<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Path\Combining\How;
use AllSquare\Core\Path\Cubic;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\Subpath;

/**
 * Areas of combined shapes, reckoned by slabs: between two heights at which anything begins, ends or crosses, everything is a row of
 * trapezoids. It knows nothing of how shapes are combined.
 */
final class Areas
{
    private const PIECES = 24;

    /** @param  list<array{Path, string}>  $shapes */
    public static function of(array $shapes, How $how): float
    {
        $edges = [];
        foreach ($shapes as $shape => [$path]) {
            foreach ($path->subpaths as $run) {
                foreach ((new Subpath($run->points, true))->parts() as $part) {
                    array_push($edges, ...self::pieces($part, $shape));
                }
            }
        }
        $heights = self::heights($edges);
        $area = 0.0;
        for ($k = 1, $n = count($heights); $k < $n; $k++) {
            if ($heights[$k] - $heights[$k - 1] > 1e-12) {
                $area += self::width($edges, ($heights[$k] + $heights[$k - 1]) / 2, $shapes, $how) * ($heights[$k] - $heights[$k - 1]);
            }
        }

        return $area;
    }

    /** By Green's theorem, of curves as they are: their signed areas, taken together. */
    public static function ofPath(Path $path): float
    {
        $area = 0.0;
        foreach ($path->subpaths as $run) {
            foreach ($run->parts() as $part) {
                for ($i = 0; $i < 400; $i++) {
                    [$p, $q] = [$part->at($i / 400), $part->at(($i + 1) / 400)];
                    $area += ($p->x * $q->y - $q->x * $p->y) / 2;
                }
            }
        }

        return abs($area);
    }

    /** @return list<array{float, float, float, float, int, int}> from top to bottom, with shape and direction */
    private static function pieces(Cubic $part, int $shape): array
    {
        $count = $part->isStraight ? 1 : self::PIECES;
        $pieces = [];
        for ($i = 0; $i < $count; $i++) {
            [$p, $q] = [$part->at($i / $count), $part->at(($i + 1) / $count)];
            if ($p->y !== $q->y) {
                $pieces[] = $p->y < $q->y ? [$p->x, $p->y, $q->x, $q->y, $shape, 1] : [$q->x, $q->y, $p->x, $p->y, $shape, -1];
            }
        }

        return $pieces;
    }

    /**
     * @param  list<array{float, float, float, float, int, int}>  $edges
     * @return list<float>
     */
    private static function heights(array $edges): array
    {
        $heights = [];
        foreach ($edges as $i => [$ax, $ay, $bx, $by]) {
            array_push($heights, $ay, $by);
            for ($j = 0; $j < $i; $j++) {
                [$cx, $cy, $dx, $dy] = $edges[$j];
                [$top, $bottom] = [max($ay, $cy), min($by, $dy)];
                if ($top < $bottom) {
                    $gap = static fn (float $y): float => $ax + ($bx - $ax) * ($y - $ay) / ($by - $ay) - $cx - ($dx - $cx) * ($y - $cy) / ($dy - $cy);
                    [$above, $below] = [$gap($top), $gap($bottom)];
                    if ($above * $below < 0) {
                        $heights[] = $top + ($bottom - $top) * $above / ($above - $below);
                    }
                }
            }
        }
        sort($heights);

        return $heights;
    }

    /**
     * @param  list<array{float, float, float, float, int, int}>  $edges
     * @param  list<array{Path, string}>  $shapes
     */
    private static function width(array $edges, float $y, array $shapes, How $how): float
    {
        $crossed = [];
        foreach ($edges as [$ax, $ay, $bx, $by, $shape, $direction]) {
            if ($ay < $y && $y < $by) {
                $crossed[] = [$ax + ($bx - $ax) * ($y - $ay) / ($by - $ay), $shape, $direction];
            }
        }
        usort($crossed, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $turns = array_fill(0, count($shapes), 0);
        $width = 0.0;
        foreach ($crossed as $i => [$x, $shape, $direction]) {
            $turns[$shape] += $direction;
            $covered = array_map(static fn (int $turn, array $of): bool => $of[1] === 'evenodd' ? $turn % 2 !== 0 : $turn !== 0, $turns, $shapes);
            $isIn = match ($how) {
                How::Join => in_array(true, $covered, true),
                How::Cut => $covered[0] && ! ($covered[1] ?? false),
                How::Overlap => ! in_array(false, $covered, true),
                How::Difference => ($covered[0] xor ($covered[1] ?? false)),
            };
            $width += $isIn ? ($crossed[$i + 1][0] ?? $x) - $x : 0.0;
        }

        return $width;
    }
}
