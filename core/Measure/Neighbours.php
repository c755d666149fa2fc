<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;

/**
 * What lies next to something, among its siblings (RULES 6).
 *
 * Two are neighbours along an axis when they share more than 0 of the other direction, one leads where the other
 * trails or past it, and no third blocks: one that meets the open interval between them and shares more than 0 of
 * what they share. What contains both does not block.
 */
final readonly class Neighbours
{
    /** @param  array<string, Rect>  $siblings  boxes by id */
    public function __construct(private array $siblings)
    {
    }

    /**
     * The nearest neighbour of a box on a side.
     *
     * @return array{id: string, size: float}|null the gap in px, 0 or more
     */
    public function nearest(Rect $box, Side $side): ?array
    {
        $gaps = [];
        foreach ($this->siblings as $id => $other) {
            $gap = $side->outside($box, $side->opposite()->of($other));
            if ($gap > -Length::SAME && self::shared($side->axis(), $box, $other) !== null) {
                $gaps[$id] = max(0.0, $gap);
            }
        }
        asort($gaps);
        foreach ($gaps as $id => $gap) {
            if (! $this->isBlocked($box, (string) $id, $side)) {
                return ['id' => (string) $id, 'size' => Length::round($gap)];
            }
        }

        return null;
    }

    private function isBlocked(Rect $box, string $id, Side $side): bool
    {
        $other = $this->siblings[$id];
        $axis = $side->axis();
        [$before, $after] = $side->isLeading() ? [$other, $box] : [$box, $other];
        [$start, $end] = [$axis->trail($before), $axis->lead($after)];
        $shared = self::shared($axis, $box, $other);
        if ($end - $start < Length::SAME || $shared === null) {
            return false;
        }
        foreach ($this->siblings as $third => $between) {
            if ((string) $third === $id || ($between->contains($box) && $between->contains($other))) {
                continue;
            }
            $meets = $axis->lead($between) < $end - Length::SAME && $axis->trail($between) > $start + Length::SAME;
            if ($meets && min($shared[1], $axis->across()->trail($between)) - max($shared[0], $axis->across()->lead($between)) > Length::SAME) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float}|null what two boxes share of the direction across an axis, if that is more than 0 */
    private static function shared(Axis $axis, Rect $a, Rect $b): ?array
    {
        $across = $axis->across();
        $start = max($across->lead($a), $across->lead($b));
        $end = min($across->trail($a), $across->trail($b));

        return $end - $start > Length::SAME ? [$start, $end] : null;
    }
}
