<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/** Puts items in their order at equal gaps, or equal steps, along an axis (RULES 5). */
final readonly class Distribution
{
    /** @var array<string, int> */
    private array $stack;

    /**
     * @param  list<string>  $stack  ids back to front, for items that lie exactly on one another
     */
    public function __construct(private Mover $mover, private Axis $axis, array $stack, private SpacingMode $mode = SpacingMode::Gaps)
    {
        $this->stack = array_flip($stack);
    }

    /**
     * @param  list<string>  $ids
     * @return ($ids is non-empty-list ? non-empty-list<string> : list<string>) in the order of the mode's own edges, then centres, then back to front
     */
    public function ordered(array $ids): array
    {
        $keys = [];
        foreach ($ids as $id) {
            $box = $this->mover->box($id);
            $keys[$id] = [Length::round($this->edge($box)), Length::round($this->axis->centre($box)), $this->stack[$id] ?? 0];
        }
        usort($ids, static fn (string $a, string $b): int => $keys[$a] <=> $keys[$b]);

        return $ids;
    }

    /**
     * The gaps between them, or the steps of the mode's edge, as they stand, px.
     *
     * @param  list<string>  $ordered
     * @return list<float>
     */
    public function figures(array $ordered): array
    {
        $boxes = array_map($this->mover->box(...), $ordered);
        $figures = [];
        for ($i = 1, $n = count($boxes); $i < $n; $i++) {
            $figures[] = Length::round($this->mode === SpacingMode::Gaps
                ? $this->axis->lead($boxes[$i]) - $this->axis->trail($boxes[$i - 1])
                : $this->edge($boxes[$i]) - $this->edge($boxes[$i - 1]));
        }

        return $figures;
    }

    /**
     * Evens out within an extent: by gaps, item i leads at the whole pixel of start + sizes before it + i*S/n; by an
     * edge, that edge lies i/n of the way from the first one's to the last one's. The outer two stay, or go to the
     * extent's edges where one is given.
     *
     * @param  non-empty-list<string>  $ordered  two at least
     * @return array{remainder: float, divides: list<array{extent: float, gap: float}>} in px; the extents nearby that divide, where pixels are left over
     */
    public function even(array $ordered, ?Rect $within): array
    {
        $last = count($ordered) - 1;
        $boxes = array_map($this->mover->box(...), $ordered);
        $start = $this->axis->lead($within ?? $boxes[0]);
        $end = $this->axis->trail($within ?? $boxes[$last]);
        $sizes = array_map($this->axis->size(...), $boxes);
        $room = $this->mode === SpacingMode::Gaps
            ? $end - $start - array_sum($sizes)
            : ($end - $sizes[$last] * (1 - $this->mode->along())) - ($start + $sizes[0] * $this->mode->along());
        $before = 0.0;
        foreach ($ordered as $i => $id) {
            if ($within !== null || ($i !== 0 && $i !== $last)) {
                $this->mover->lead($id, $this->axis, $this->mode === SpacingMode::Gaps
                    ? $start + $before + $i * $room / $last
                    : $start + $sizes[0] * $this->mode->along() + $i * $room / $last - $sizes[$i] * $this->mode->along());
            }
            $before += $sizes[$i];
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
            ['extent' => Length::round($extent - $left), 'gap' => $gap],
            ['extent' => Length::round($extent - $left + $gaps), 'gap' => $gap + 1],
        ]];
    }

    private function edge(Rect $box): float
    {
        return $this->axis->lead($box) + $this->axis->size($box) * $this->mode->along();
    }
}
