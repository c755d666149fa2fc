<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/** Puts items in their order at equal gaps along an axis. */
final readonly class Distribution
{
    /**
     * @param  list<string>  $stack  ids back to front, for items that lie exactly on one another
     */
    public function __construct(private Mover $mover, private Axis $axis, private array $stack)
    {
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> in the order of their leading edges, then centres, then back to front
     */
    public function ordered(array $ids): array
    {
        $stacked = array_flip($this->stack);
        $keys = [];
        foreach ($ids as $id) {
            $box = $this->mover->box($id);
            $keys[$id] = [Length::settle($this->axis->lead($box)), Length::settle($this->axis->centre($box)), $stacked[$id] ?? 0];
        }
        usort($ids, static fn (string $a, string $b): int => $keys[$a] <=> $keys[$b]);

        return $ids;
    }

    /**
     * The gaps between them as they stand, px.
     *
     * @param  list<string>  $ordered
     * @return list<float>
     */
    public function gaps(array $ordered): array
    {
        $gaps = [];
        for ($i = 1, $n = count($ordered); $i < $n; $i++) {
            $gaps[] = Length::settle($this->axis->lead($this->mover->box($ordered[$i])) - $this->axis->trail($this->mover->box($ordered[$i - 1])));
        }

        return $gaps;
    }

    /**
     * Evens out the gaps within an extent: item i leads at the whole pixel of start + sizes before it + i*S/n.
     * The outer two stay, or go to the extent's edges where one is given.
     *
     * @param  non-empty-list<string>  $ordered  two at least
     * @return array{remainder: float, divides: list<array{extent: float, gap: float}>} in px; the extents nearby that divide, where pixels are left over
     */
    public function even(array $ordered, ?Rect $within): array
    {
        $last = count($ordered) - 1;
        $boxes = array_map($this->mover->box(...), $ordered);
        $start = $within === null ? $this->axis->lead($boxes[0]) : $this->axis->lead($within);
        $end = $within === null ? $this->axis->trail($boxes[$last]) : $this->axis->trail($within);
        $room = $end - $start - array_sum(array_map($this->axis->size(...), $boxes));
        $before = 0.0;
        foreach ($ordered as $i => $id) {
            if ($within !== null || ($i !== 0 && $i !== $last)) {
                $this->mover->lead($id, $this->axis, $start + $before + $i * $room / $last);
            }
            $before += $this->axis->size($boxes[$i]);
        }

        return $this->remainder($room, $last, $end - $start);
    }

    /** @return array{remainder: float, divides: list<array{extent: float, gap: float}>} */
    private function remainder(float $room, int $gaps, float $extent): array
    {
        if ($room < 0 || ! Length::isWhole($room)) {
            return ['remainder' => 0.0, 'divides' => []];
        }
        $whole = Length::whole($room);
        $left = fmod($whole, $gaps);
        $gap = floor($whole / $gaps);

        return ['remainder' => $left, 'divides' => $left === 0.0 ? [] : [
            ['extent' => Length::settle($extent - $left), 'gap' => $gap],
            ['extent' => Length::settle($extent - $left + $gaps), 'gap' => $gap + 1],
        ]];
    }
}
