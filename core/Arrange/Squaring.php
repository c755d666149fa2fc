<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;

/**
 * Makes the rows and columns that a person meant exact (RULES 7): one kind of edge for all rows and one for all
 * columns, the one with the least movement, on the lower median; gaps equal. Repeated until nothing moves.
 */
final readonly class Squaring
{
    private const ROUNDS = 4;

    private const EDGES = [0.0, 0.5, 1.0];

    /**
     * @param  array<string, int>  $stack  places in the stack by id
     * @param  float|null  $gap  px between rows and between columns; null for the median of what is there
     * @param  bool  $keepExtent  whether both ends stay, instead of the first item
     */
    public function __construct(private Mover $mover, private array $stack, private ?float $gap, private bool $keepExtent)
    {
    }

    /**
     * @param  non-empty-list<string>  $ids  two at least
     *
     * @throws Refusal when it does not come to rest, or does not fit its extent
     */
    public function run(array $ids): SquaredRows
    {
        $boxes = $this->mover->boxesOf($ids);
        for ($round = 0; $round <= self::ROUNDS; $round++) {
            $rows = Lanes::find($boxes, Axis::Y, $this->stack);
            $columns = Lanes::find($boxes, Axis::X, $this->stack);
            $first = $rows->rowByRow($boxes, $this->stack)[0];
            [$down, $toY] = $this->along($boxes, Axis::Y, $rows, $first);
            [$across, $toX] = $this->along($boxes, Axis::X, $columns, $first);
            foreach ($ids as $id) {
                foreach ([[Axis::X, $toX[$id]], [Axis::Y, $toY[$id]]] as [$axis, $to]) {
                    if (! self::standsAt($axis->lead($boxes[$id]), $to)) {
                        $this->mover->lead($id, $axis, self::sure($to));
                    }
                }
            }
            $now = $this->mover->boxesOf($ids);
            if (array_filter($ids, static fn (string $id): bool => max(abs($now[$id]->x - $boxes[$id]->x), abs($now[$id]->y - $boxes[$id]->y)) > Lanes::CLOSE) === []) {
                return new SquaredRows(array_map(count(...), $rows->lanes), array_map(count(...), $columns->lanes), $across, $down);
            }
            $boxes = $now;
        }
        throw Refusal::because('No rows and columns could be found that these would rest in. Square up fewer of them at a time.', 'items');
    }

    /**
     * @param  non-empty-array<string, Rect>  $boxes
     * @param  string  $first  the item that stays
     * @return array{list<float>, array<string, float>} the gaps between the lanes, and where each item leads
     */
    private function along(array $boxes, Axis $axis, Lanes $lanes, string $first): array
    {
        $edge = $this->edge($boxes, $axis, $lanes);
        $leads = $starts = $sizes = [];
        foreach ($lanes->lanes as $i => $lane) {
            $line = self::median(array_map(static fn (string $id): float => self::at($boxes[$id], $axis, $edge), $lane));
            foreach ($lane as $id) {
                $leads[$id] = $line - $axis->size($boxes[$id]) * $edge;
            }
            $starts[] = min(array_map(static fn (string $id): float => $leads[$id], $lane));
            $sizes[] = max(array_map(static fn (string $id): float => $leads[$id] + $axis->size($boxes[$id]), $lane)) - $starts[$i];
        }
        [$places, $gaps] = $this->placed($starts, $sizes, $axis);
        foreach ($lanes->lanes as $i => $lane) {
            foreach ($lane as $id) {
                $leads[$id] += $places[$i] - $starts[$i];
            }
        }
        foreach ($lanes->spanning as $id => $lane) {
            $leads[$id] = $places[$lane];
        }
        if (! $this->keepExtent) {
            $by = $this->mover->landing($first, $axis, $axis->lead($boxes[$first])) - $leads[$first];
            $leads = array_map(static fn (float $lead): float => $lead + $by, $leads);
        }

        return [$gaps, $leads];
    }

    /**
     * @param  list<float>  $starts
     * @param  list<float>  $sizes
     * @return array{list<float>, list<float>} where each lane begins, and the gaps between them
     */
    private function placed(array $starts, array $sizes, Axis $axis): array
    {
        $last = count($starts) - 1;
        if ($last < 1) {
            return [$starts, []];
        }
        $were = [];
        for ($i = 1; $i <= $last; $i++) {
            $were[] = $starts[$i] - $starts[$i - 1] - $sizes[$i - 1];
        }
        $gap = $this->gap ?? Length::whole(self::median($were));
        if ($this->keepExtent) {
            $extent = $starts[$last] + $sizes[$last] - $starts[0];
            $gap = ($extent - array_sum($sizes)) / $last;
            if ($gap < -Length::SAME) {
                throw Refusal::because(sprintf('It does not fit %s: needs %s, has %s.', $axis->word(), Spoken::length(array_sum($sizes)), Spoken::length($extent)), 'extent');
            }
        }
        $places = [$starts[0]];
        $gaps = [];
        $exact = $starts[0];
        for ($i = 1; $i <= $last; $i++) {
            $exact += $sizes[$i - 1] + $gap;
            $places[] = $this->keepExtent ? Length::whole($exact) : $exact;
            $gaps[] = Length::round($places[$i] - $places[$i - 1] - $sizes[$i - 1]);
        }

        return [$places, $gaps];
    }

    /**
     * The edge with the least total movement; of several, the first.
     *
     * @param  array<string, Rect>  $boxes
     */
    private function edge(array $boxes, Axis $axis, Lanes $lanes): float
    {
        $best = 0.0;
        $least = INF;
        foreach (self::EDGES as $edge) {
            $total = 0.0;
            foreach ($lanes->lanes as $lane) {
                $lines = array_map(static fn (string $id): float => self::at($boxes[$id], $axis, $edge), $lane);
                $line = self::median($lines);
                $total += array_sum(array_map(static fn (float $at): float => abs($at - $line), $lines));
            }
            if ($total < $least - Length::SAME) {
                [$best, $least] = [$edge, $total];
            }
        }

        return $best;
    }

    /** Whether it stands there, and on the pixel: then there is nothing to settle. */
    private static function standsAt(float $at, float $to): bool
    {
        return Length::same($at, $to) && Length::same($at, Length::whole($at));
    }

    /** A place that lies so near a half is the half, so that it always rounds alike. */
    private static function sure(float $place): float
    {
        $half = floor($place) + 0.5;

        return abs($place - $half) < Lanes::CLOSE ? $half : $place;
    }

    private static function at(Rect $box, Axis $axis, float $along): float
    {
        return $axis->lead($box) + $axis->size($box) * $along;
    }

    /** @param  non-empty-list<float>  $values  of an even number, the lower of the two in the middle */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values) - 1, 2)];
    }
}
