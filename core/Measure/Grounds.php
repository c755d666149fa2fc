<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Sheet\Plan;

/**
 * What each thing of a plan lies on: the smallest beneath it that contains its box and is no group (RULES 1 and 6).
 *
 * Boxes lie in square cells of a size like their own, a power of two, so that each is in four cells at most and what
 * contains a point is found by one look at each size.
 */
final class Grounds
{
    /** @var array<int, array<int, list<int>>> by the power of two, then by cell */
    private array $cells = [];

    public function __construct(private readonly Plan $plan)
    {
        foreach ($plan->placed as $i => $one) {
            if (! $one->isGround) {
                continue;
            }
            $box = $one->box;
            $power = self::power($box->w, $box->h);
            $size = 2 ** $power;
            $right = (int) floor($box->right() / $size);
            $bottom = (int) floor($box->bottom() / $size);
            for ($x = (int) floor($box->x / $size); $x <= $right; $x++) {
                for ($y = (int) floor($box->y / $size); $y <= $bottom; $y++) {
                    $this->cells[$power][self::cell($x, $y)][] = $i;
                }
            }
        }
    }

    /** @return int|null the place in the plan of what that one lies on; null for the sheet */
    public function of(int $place): ?int
    {
        $box = $this->plan->placed[$place]->box;
        $centre = $box->centre();
        $least = self::power($box->w, $box->h);
        $found = null;
        $area = INF;
        foreach ($this->cells as $power => $cells) {
            if ($power < $least) {
                continue;
            }
            $size = 2 ** $power;
            foreach ($cells[self::cell((int) floor($centre->x / $size), (int) floor($centre->y / $size))] ?? [] as $i) {
                // What comes later lies over it or in it; of what holds it, groups are no grounds and trays are.
                if ($i >= $place) {
                    continue;
                }
                $other = $this->plan->placed[$i]->box;
                $itsArea = $other->w * $other->h;
                // The foremost of equals: later ones lie further to the front.
                if (($itsArea < $area || ($itsArea === $area && $i > $found)) && $other->contains($box)) {
                    [$found, $area] = [$i, $itsArea];
                }
            }
        }

        return $found;
    }

    /** Places reach 1,000,000 px from the origin at most, so that a cell has a number of its own. */
    private static function cell(int $x, int $y): int
    {
        return ($x << 22) + $y;
    }

    private static function power(float $w, float $h): int
    {
        // A box may lie in one a hair smaller, since what differs by less than 0.0005 px is the same.
        return max(0, (int) ceil(log(max($w, $h, 1.0) - 0.002, 2)));
    }
}
