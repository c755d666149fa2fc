<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/**
 * All neighbours along an axis among siblings (RULES 6; one against others: Neighbours), found by looking once along
 * each of the bands into which the sheet is divided across that axis.
 *
 * Along a band, what begins past the end of a box is looked at from the nearest on, until all that the band shows of
 * that box is covered. Two are neighbours when one sees the other in every band that they share.
 *
 * @phpstan-type Interval array{float, float}
 */
final class Adjacency
{
    /** @var list<array{int, int}> which come before and after the gap, by their places among the siblings */
    public array $pairs = [];

    /** @var list<float> where each begins along the axis, px */
    public array $lead = [];

    /** @var list<float> where each ends along it */
    public array $trail = [];

    /** @var list<float> where each begins in the other direction */
    public array $low = [];

    /** @var list<float> where each ends in that */
    public array $high = [];

    /** @var array<int, float> for each that something lies past, where the first of these begins */
    private array $firstPast = [];

    /** @var array<int, float> for each that has neighbours before it, where the last of these ends */
    private array $lastBefore = [];

    /** @var array<int, array<int, true>> those that contain a box and end past it */
    private array $around = [];

    /** @var array<int, array<int, int>> in how many bands a box sees another */
    private array $seen = [];

    /** @var array<int, list<int>> the places of those in each band, by where they begin */
    private array $bands = [];

    /** @var array<int, int> the first band that each lies in; none for what has no extent across */
    private array $first = [];

    /** @var array<int, int> the last one */
    private array $last = [];

    private float $start = 0.0;

    private float $band = 1.0;

    /** @param  list<Rect>  $boxes */
    public function __construct(array $boxes, Axis $axis)
    {
        $isX = $axis === Axis::X;
        foreach ($boxes as $box) {
            [$from, $size, $low, $extent] = $isX ? [$box->x, $box->w, $box->y, $box->h] : [$box->y, $box->h, $box->x, $box->w];
            $this->lead[] = $from;
            $this->trail[] = $from + $size;
            $this->low[] = $low;
            $this->high[] = $low + $extent;
        }
        if ($this->low !== []) {
            $this->divide(min($this->low));
            $byTrail = $this->members($this->trail);
            foreach ($this->bands as $band => $members) {
                $this->look($this->start + $band * $this->band, $members, $byTrail[$band]);
            }
            $this->conclude();
        }
    }

    /** Whether something lies between the end of a box and a line past it. */
    public function isBlockedAhead(int $a, float $line): bool
    {
        return ($this->firstPast[$a] ?? INF) < $line - Length::SAME && $line - $this->trail[$a] >= Length::SAME;
    }

    /** Whether something lies between a line and the beginning of a box past it. */
    public function isBlockedBehind(int $a, float $line): bool
    {
        $x = $this->lead[$a];
        if ($x - $line < Length::SAME) {
            return false;
        }
        if (($this->lastBefore[$a] ?? -INF) > $line + Length::SAME) {
            return true;
        }
        for ($band = $this->first[$a], $last = $this->last[$a]; $band <= $last; $band++) {
            foreach ($this->bands[$band] as $i) {
                if ($this->lead[$i] >= $x - Length::SAME) {
                    break;
                }
                if ($this->trail[$i] > $line + Length::SAME && min($this->high[$i], $this->high[$a]) - max($this->low[$i], $this->low[$a]) > Length::SAME && ! $this->contains($i, $a)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function divide(float $lowest): void
    {
        // As high as they are on average, so that all together lie in about twice as many bands as they are. Whole pixels,
        // as lengths are known to 1/1000.
        $this->band = max(1.0, ceil((array_sum($this->high) - array_sum($this->low)) / count($this->high)));
        $this->start = floor($lowest);
        foreach ($this->high as $i => $high) {
            $this->first[$i] = $this->bandAt($this->low[$i] + Length::SAME);
            $this->last[$i] = $this->bandAt($high - Length::SAME);
        }
        $this->bands = $this->members($this->lead);
    }

    /**
     * @param  list<float>  $by
     * @return array<int, list<int>> the places of those in each band, in the order of these figures
     */
    private function members(array $by): array
    {
        asort($by);
        $bands = [];
        foreach ($by as $i => $_) {
            for ($band = $this->first[$i], $last = $this->last[$i]; $band <= $last; $band++) {
                $bands[$band][] = $i;
            }
        }

        return $bands;
    }

    private function bandAt(float $across): int
    {
        return (int) floor(($across - $this->start) / $this->band);
    }

    /**
     * @param  list<int>  $members  by where they begin
     * @param  list<int>  $byTrail  by where they end
     */
    private function look(float $bandLow, array $members, array $byTrail): void
    {
        [$lead, $trail, $lows, $highs] = [$this->lead, $this->trail, $this->low, $this->high];
        $bandHigh = $bandLow + $this->band;
        $count = count($members);
        $begun = 0;
        $open = [];
        foreach ($byTrail as $a) {
            $x = $trail[$a];
            while ($begun < $count && $lead[$members[$begun]] < $x - Length::SAME) {
                $open[$members[$begun]] = true;
                $begun++;
            }
            $low = $lows[$a] > $bandLow ? $lows[$a] : $bandLow;
            $high = $highs[$a] < $bandHigh ? $highs[$a] : $bandHigh;
            $covered = [];
            foreach ($open as $i => $_) {
                if ($trail[$i] <= $x + Length::SAME) {
                    unset($open[$i]);
                } elseif ($this->contains($i, $a)) {
                    $this->around[$a][$i] = true;
                } elseif (min($high, $highs[$i]) - max($low, $lows[$i]) > Length::SAME) {
                    $covered[] = [$lows[$i], $highs[$i]];
                    $this->firstPast[$a] = min($this->firstPast[$a] ?? INF, $x);
                }
            }
            // All that begin before its end are passed by now.
            $this->ahead($a, $low, $high, $covered, $members, $begun);
        }
    }

    /**
     * From one box on, along a band.
     *
     * @param  list<Interval>  $covered  what hides what comes past it
     * @param  list<int>  $members
     */
    private function ahead(int $a, float $low, float $high, array $covered, array $members, int $next): void
    {
        [$leads, $trails, $lows, $highs] = [$this->lead, $this->trail, $this->low, $this->high];
        $x = $trails[$a];
        $count = count($members);
        /** @var list<array{float, float, float}> $waiting where they begin, and what they cover from there on */
        $waiting = [];
        for ($j = $next; $j < $count; $j++) {
            $b = $members[$j];
            $from = $lows[$b] > $low ? $lows[$b] : $low;
            $to = $highs[$b] < $high ? $highs[$b] : $high;
            if ($to - $from <= Length::SAME || $b === $a) {
                continue;
            }
            $begins = $leads[$b];
            $touches = $begins - $x < Length::SAME;
            while ($waiting !== [] && $waiting[0][0] < $begins - Length::SAME) {
                $covered[] = [$waiting[0][1], $waiting[0][2]];
                array_shift($waiting);
            }
            if (! $touches && $covered !== [] && self::covers($covered, $low, $high)) {
                return;
            }
            if ($trails[$b] <= $x + Length::SAME) {
                // It has no extent, and hides nothing.
            } elseif ($begins < $leads[$a] + Length::SAME && $this->contains($b, $a)) {
                $this->around[$a][$b] = true;
            } else {
                if (! isset($this->firstPast[$a]) || $this->firstPast[$a] > $begins) {
                    $this->firstPast[$a] = $begins;
                }
                $waiting[] = [$begins, $lows[$b], $highs[$b]];
            }
            // Between two that touch there is nothing that could lie in the way.
            if ($touches || $covered === [] || self::isClear($covered, $from, $to)) {
                $this->seen[$a][$b] = ($this->seen[$a][$b] ?? 0) + 1;
            }
        }
    }

    private function conclude(): void
    {
        foreach ($this->seen as $a => $others) {
            foreach ($others as $b => $bands) {
                if ($bands === $this->inBoth($a, $b) && ! $this->isHeldBack($a, $b)) {
                    $this->pairs[] = [$a, $b];
                    if ($this->lead[$a] < $this->lead[$b] - Length::SAME && ! $this->contains($a, $b)) {
                        $this->lastBefore[$b] = max($this->lastBefore[$b] ?? -INF, $this->trail[$a]);
                    }
                }
            }
        }
    }

    /** In how many bands both show something of what they share. */
    private function inBoth(int $a, int $b): int
    {
        if ($this->first[$a] === $this->last[$a] || $this->first[$b] === $this->last[$b]) {
            return 1;
        }

        return $this->bandAt(min($this->high[$a], $this->high[$b]) - Length::SAME) - $this->bandAt(max($this->low[$a], $this->low[$b]) + Length::SAME) + 1;
    }

    /** Whether something that contains the one does not contain the other, and so lies between them. */
    private function isHeldBack(int $a, int $b): bool
    {
        if ($this->lead[$b] - $this->trail[$a] < Length::SAME) {
            return false;
        }
        foreach ($this->around[$a] ?? [] as $i => $_) {
            if (! $this->contains($i, $b)) {
                return true;
            }
        }

        return false;
    }

    private function contains(int $outer, int $inner): bool
    {
        return $this->lead[$inner] > $this->lead[$outer] - Length::SAME && $this->trail[$inner] < $this->trail[$outer] + Length::SAME
            && $this->low[$inner] > $this->low[$outer] - Length::SAME && $this->high[$inner] < $this->high[$outer] + Length::SAME;
    }

    /** @param  list<Interval>  $covered */
    private static function isClear(array $covered, float $from, float $to): bool
    {
        foreach ($covered as [$low, $high]) {
            if (min($to, $high) - max($from, $low) > Length::SAME) {
                return false;
            }
        }

        return true;
    }

    /** @param  non-empty-list<Interval>  $covered */
    private static function covers(array $covered, float $low, float $high): bool
    {
        if (count($covered) > 1) {
            sort($covered);
        }
        foreach ($covered as [$from, $to]) {
            if ($from > $low + Length::SAME) {
                return false;
            }
            $low = $to > $low ? $to : $low;
            if ($low >= $high - Length::SAME) {
                return true;
            }
        }

        return false;
    }
}
