<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Subpath;

/**
 * Joins edges into closed runs, and what follows one source into one part again.
 *
 * @phpstan-type Border array{int, int, int, int, list<array{int, float, float}>}
 */
final class Rings
{
    /** a part of a curve that a loop of it is longer than */
    private const LOOP = 0.01;

    /** @param  list<Border>  $borders */
    public function __construct(private readonly Pieces $pieces, private readonly array $borders)
    {
    }

    public function path(): Path
    {
        $subpaths = [];
        foreach ($this->loops() as $loop) {
            $area = 0;
            foreach ($loop as [$x1, $y1, $x2, $y2]) {
                $area += ($x1 - $loop[0][0]) * ($y2 - $loop[0][1]) - ($x2 - $loop[0][0]) * ($y1 - $loop[0][1]);
            }
            if (abs($area) / 2 * $this->pieces->area() >= Combination::LEAST_AREA) {
                $subpaths[] = $this->subpath($loop);
            }
        }

        return new Path($subpaths);
    }

    /** @return list<non-empty-list<Border>> */
    private function loops(): array
    {
        $from = [];
        foreach ($this->borders as $i => [$x, $y]) {
            $from["$x $y"][] = $i;
        }
        $isUsed = [];
        $loops = [];
        foreach ($this->borders as $i => $first) {
            if (isset($isUsed[$i])) {
                continue;
            }
            $loop = [];
            $at = $i;
            do {
                $isUsed[$at] = true;
                $loop[] = $edge = $this->borders[$at];
                $open = array_filter($from["$edge[2] $edge[3]"] ?? [], static fn (int $j): bool => ! isset($isUsed[$j]));
                $isBack = $edge[2] === $first[0] && $edge[3] === $first[1];
                $at = $isBack ? null : $this->next($edge, $open);
            } while ($at !== null);
            $loops[] = $loop;
        }

        return $loops;
    }

    /**
     * Where several go on from a place, the one that turns most to the right: what touches in a corner only stays apart.
     *
     * @param  Border  $edge
     * @param  array<int, int>  $open
     */
    private function next(array $edge, array $open): ?int
    {
        $best = null;
        $most = -INF;
        foreach ($open as $j) {
            [$ax, $ay, $bx, $by] = $this->borders[$j];
            [$ux, $uy, $vx, $vy] = [$edge[2] - $edge[0], $edge[3] - $edge[1], $bx - $ax, $by - $ay];
            $turn = atan2($ux * $vy - $uy * $vx, $ux * $vx + $uy * $vy);
            if ($turn > $most) {
                [$best, $most] = [$j, $turn];
            }
        }

        return $best;
    }

    /** @param  non-empty-list<Border>  $loop */
    private function subpath(array $loop): Subpath
    {
        $parts = $this->meeting($this->parts($loop));
        $points = [];
        $count = count($parts);
        foreach ($parts as $i => $part) {
            $before = $parts[($i + $count - 1) % $count];
            $points[] = self::point($part['at'], $this->control($before, false), $this->control($part, true));
        }

        return new Subpath($points, true);
    }

    /**
     * Curves were followed by straight pieces: where they cross one another, or a line, is found on them anew.
     *
     * @param  non-empty-list<array{x: int, y: int, source: int, from: float, to: float, straight: bool}>  $parts
     * @return non-empty-list<array{at: Point, source: int, from: float, to: float, straight: bool}>
     */
    private function meeting(array $parts): array
    {
        $count = count($parts);
        $met = array_map(fn (array $part): array => ['at' => $this->pieces->point($part['x'], $part['y'])] + $part, $parts);
        for ($i = 0; $i < $count; $i++) {
            $b = ($i + $count - 1) % $count;
            [$before, $part] = [$met[$b], $met[$i]];
            $isEnd = in_array($before['to'], [0.0, 1.0], true) || in_array($part['from'], [0.0, 1.0], true);
            // A curve may cross itself, far from where it goes on.
            $goesOn = $before['source'] === $part['source'] && abs($before['to'] - $part['from']) < self::LOOP;
            if ($isEnd || $goesOn || ($before['straight'] && $part['straight'])) {
                continue;
            }
            $meeting = Meeting::near($this->pieces->sources[$before['source']], $before['to'], $this->pieces->sources[$part['source']], $part['from'], 20 * Pieces::TOLERANCE);
            if ($meeting !== null) {
                $met[$i] = [...$part, 'at' => $meeting->at, 'from' => $meeting->onSecond];
                $met[$b] = [...$met[$b], 'to' => $meeting->onFirst];
            }
        }

        return $met;
    }

    private static function point(Point $at, ?Point $in, ?Point $out): PathPoint
    {
        $round = static fn (?Point $p): ?Point => $p === null ? null : new Point(round($p->x, 6), round($p->y, 6));
        $point = new PathPoint(new Point(round($at->x, 6), round($at->y, 6)), $round($in), $round($out));
        if ($in === null || $out === null) {
            return $point;
        }
        [$a, $b] = [$at->minus($in), $out->minus($at)];
        $isSmooth = $a->x * $b->x + $a->y * $b->y > 0 && abs($a->x * $b->y - $a->y * $b->x) < 1e-3 * hypot($a->x, $a->y) * hypot($b->x, $b->y);

        return new PathPoint($point->at, $point->in, $point->out, $isSmooth);
    }

    /**
     * The control point of a part where it begins or ends; null of a straight one.
     *
     * @param  array{source: int, from: float, to: float, straight: bool, ...}  $part
     */
    private function control(array $part, bool $atBegin): ?Point
    {
        if ($part['straight']) {
            return null;
        }
        $source = $this->pieces->sources[$part['source']];
        $curve = $source->between(min($part['from'], $part['to']), max($part['from'], $part['to']));

        return ($part['from'] < $part['to']) === $atBegin ? $curve->a : $curve->b;
    }

    /**
     * Edges that follow one source after one another as one, and straight ones that go on in a line.
     *
     * @param  non-empty-list<Border>  $loop
     * @return non-empty-list<array{x: int, y: int, source: int, from: float, to: float, straight: bool}>
     */
    private function parts(array $loop): array
    {
        $parts = [];
        foreach ($this->fromCorner($loop) as [$x, $y, , , $sources]) {
            $last = array_pop($parts);
            $goesOn = $last === null ? null : $this->goingOn($last, $sources);
            if ($last !== null && $goesOn !== null) {
                $parts[] = [...$last, 'to' => $goesOn];

                continue;
            }
            [$source, $from, $to] = $sources[0];
            array_push($parts, ...$last === null ? [] : [$last], ...[['x' => $x, 'y' => $y, 'source' => $source, 'from' => $from, 'to' => $to, 'straight' => $this->pieces->sources[$source]->isStraight]]);
        }

        return $this->withoutFlatCorners($parts);
    }

    /**
     * The loop from a place at which it leaves a source, so that none is cut in two by where it happens to begin.
     *
     * @param  non-empty-list<Border>  $loop
     * @return non-empty-list<Border>
     */
    private function fromCorner(array $loop): array
    {
        $count = count($loop);
        foreach ($loop as $i => $edge) {
            $before = $loop[($i + $count - 1) % $count];
            [$source, $from, $to] = $before[4][0];
            if ($this->goingOn(['source' => $source, 'from' => $from, 'to' => $to], $edge[4]) === null) {
                // @phpstan-ignore return.type (as many as before)
                return [...array_slice($loop, $i), ...array_slice($loop, 0, $i)];
            }
        }

        return $loop;
    }

    /**
     * @param  array{source: int, from: float, to: float, ...}  $part
     * @param  list<array{int, float, float}>  $sources
     * @return float|null to where its source is followed; null where it is not
     */
    private function goingOn(array $part, array $sources): ?float
    {
        foreach ($sources as [$source, $from, $to]) {
            if ($source === $part['source'] && abs($from - $part['to']) < 1e-9 && ($to > $from) === ($part['to'] > $part['from'])) {
                return $to;
            }
        }

        return null;
    }

    /**
     * @param  list<array{x: int, y: int, source: int, from: float, to: float, straight: bool}>  $parts
     * @return non-empty-list<array{x: int, y: int, source: int, from: float, to: float, straight: bool}>
     */
    private function withoutFlatCorners(array $parts): array
    {
        $kept = [];
        $count = count($parts);
        foreach ($parts as $i => $part) {
            [$before, $after] = [end($kept) ?: $parts[($i + $count - 1) % $count], $parts[($i + 1) % $count]];
            if ($part['straight'] && $before['straight'] && $count - $i + count($kept) > 3) {
                [$ax, $ay, $bx, $by] = [$part['x'] - $before['x'], $part['y'] - $before['y'], $after['x'] - $part['x'], $after['y'] - $part['y']];
                // What lies off the line by less than a pitch of the grid has been bent there.
                if ($ax * $bx + $ay * $by > 0 && abs($ax * $by - $ay * $bx) <= max(abs($ax), abs($ay)) + max(abs($bx), abs($by))) {
                    continue;
                }
            }
            $kept[] = $part;
        }

        // @phpstan-ignore return.type (three at least are kept)
        return $kept;
    }
}
