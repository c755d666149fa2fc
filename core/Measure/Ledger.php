<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;

/** Every gap of a sheet between neighbours, and every inset from what things lie on (RULES 6). */
final readonly class Ledger
{
    /**
     * @param  list<Gap>  $gaps
     * @param  list<EdgeGap>  $insets
     */
    private function __construct(public array $gaps, public array $insets)
    {
    }

    /** @param  Rect  $sheet  what lies on nothing else lies on it, as far as it meets it */
    public static function of(Plan $plan, Rect $sheet): self
    {
        $gaps = ['x' => [], 'y' => []];
        $grounds = new Grounds($plan);
        $insets = [];
        foreach ($plan->siblings() as $places) {
            $boxes = array_map(static fn (int $place): Rect => $plan->placed[$place]->box, $places);
            $across = new Adjacency($boxes, Axis::X);
            $down = new Adjacency($boxes, Axis::Y);
            array_push($gaps['x'], ...self::gaps(Axis::X, $across, $plan, $places));
            array_push($gaps['y'], ...self::gaps(Axis::Y, $down, $plan, $places));
            foreach ($places as $i => $place) {
                $ground = $grounds->of($place);
                $one = $plan->placed[$place];
                if ($ground !== null || $sheet->meets($one->box)) {
                    array_push($insets, ...self::insets($one, $ground === null ? null : $plan->placed[$ground], $sheet, $i, $across, $down));
                }
            }
        }

        return new self([...self::ordered($gaps['x']), ...self::ordered($gaps['y'])], $insets);
    }

    /**
     * The same with what is expected of those that are odd.
     *
     * @param  callable(Gap): (float|null)  $ofGap  px; null where it is not odd
     * @param  callable(EdgeGap): (float|null)  $ofInset
     */
    public function expecting(callable $ofGap, callable $ofInset): self
    {
        $gaps = $insets = [];
        foreach ($this->gaps as $gap) {
            $expected = $ofGap($gap);
            $gaps[] = $expected === null ? $gap : $gap->expecting($expected);
        }
        foreach ($this->insets as $inset) {
            $expected = $ofInset($inset);
            $insets[] = $expected === null ? $inset : $inset->expecting($expected);
        }

        return new self($gaps, $insets);
    }

    /**
     * Only what lies among these.
     *
     * @param  list<string>  $items
     */
    public function among(array $items): self
    {
        $is = array_flip($items);

        return new self(
            array_values(array_filter($this->gaps, static fn (Gap $gap): bool => isset($is[$gap->a], $is[$gap->b]))),
            array_values(array_filter($this->insets, static fn (EdgeGap $inset): bool => isset($is[$inset->item]))),
        );
    }

    /** @return list<array{axis: string, size: float, count: int}> to the nearest half pixel, across before down, the most frequent first */
    public function census(): array
    {
        $halves = ['x' => [], 'y' => []];
        foreach ($this->gaps as $gap) {
            $half = (int) floor($gap->size * 2 + 0.5);
            $halves[$gap->axis->value][$half] = ($halves[$gap->axis->value][$half] ?? 0) + 1;
        }
        $counts = [];
        foreach ($halves as $axis => $found) {
            foreach ($found as $half => $count) {
                $counts[] = ['axis' => $axis, 'size' => (float) ($half / 2), 'count' => $count];
            }
        }
        usort($counts, static fn (array $a, array $b): int => [$a['axis'], -$a['count'], $a['size']] <=> [$b['axis'], -$b['count'], $b['size']]);

        return $counts;
    }

    /**
     * @param  list<int>  $places  of the siblings, in the plan
     * @return list<Gap>
     */
    private static function gaps(Axis $axis, Adjacency $among, Plan $plan, array $places): array
    {
        $gaps = [];
        foreach ($among->pairs as [$a, $b]) {
            // Where boxes begin is rounded already.
            $from = Length::round($among->trail[$a]);
            $to = $among->lead[$b];
            $gaps[] = new Gap(
                $axis,
                $plan->placed[$places[$a]]->id,
                $plan->placed[$places[$b]]->id,
                $to > $from ? Length::round($to - $from) : 0.0,
                $from,
                $to,
                [max($among->low[$a], $among->low[$b]), Length::round(min($among->high[$a], $among->high[$b]))],
            );
        }

        return $gaps;
    }

    /**
     * @param  int  $i  its place among its siblings
     * @return list<EdgeGap>
     */
    private static function insets(Placed $one, ?Placed $ground, Rect $sheet, int $i, Adjacency $across, Adjacency $down): array
    {
        $around = $ground === null ? $sheet : $ground->box;
        [$box, $right, $bottom] = [$one->box, $around->x + $around->w, $around->y + $around->h];
        $sizes = [];
        if (! $across->isBlockedAhead($i, $right)) {
            $sizes[] = [Side::Right, $right - $box->x - $box->w];
        }
        if (! $across->isBlockedBehind($i, $around->x)) {
            $sizes[] = [Side::Left, $box->x - $around->x];
        }
        if (! $down->isBlockedAhead($i, $bottom)) {
            $sizes[] = [Side::Bottom, $bottom - $box->y - $box->h];
        }
        if (! $down->isBlockedBehind($i, $around->y)) {
            $sizes[] = [Side::Top, $box->y - $around->y];
        }
        $insets = [];
        foreach ($sizes as [$side, $size]) {
            if ($size > -Length::SAME) {
                $insets[] = new EdgeGap($one->id, $ground?->id, $side, $size > 0 ? Length::round($size) : 0.0);
            }
        }

        return $insets;
    }

    /**
     * @param  list<Gap>  $gaps
     * @return list<Gap> from the beginning of the axis, then from the beginning of the other
     */
    private static function ordered(array $gaps): array
    {
        $from = $low = [];
        foreach ($gaps as $gap) {
            $from[] = $gap->from;
            $low[] = $gap->across[0];
        }
        // Of those that begin at one place, in the order in which they were found.
        $found = array_keys($gaps);
        array_multisort($from, $low, $found, $gaps);

        return $gaps;
    }
}
