<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Path\Cubic;

/** Where two curves cross, to the last digit, found from near it (Newton). */
final readonly class Meeting
{
    private const STEPS = 8;

    private function __construct(public Point $at, public float $onFirst, public float $onSecond)
    {
    }

    /**
     * @param  float  $t  near where the first has it
     * @param  float  $s  near where the second has it
     * @param  float  $farthest  px that it may lie from there
     * @return self|null null where they run alongside one another, or do not meet near it
     */
    public static function near(Cubic $first, float $t, Cubic $second, float $s, float $farthest): ?self
    {
        $start = $first->at($t);
        for ($i = 0; $i < self::STEPS; $i++) {
            $apart = $second->at($s)->minus($first->at($t));
            [$u, $v] = [$first->derivative($t), $second->derivative($s)];
            $across = $u->x * $v->y - $u->y * $v->x;
            if (abs($across) < 1e-3 * hypot($u->x, $u->y) * hypot($v->x, $v->y)) {
                return null;
            }
            $t += ($apart->x * $v->y - $apart->y * $v->x) / $across;
            $s += ($apart->x * $u->y - $apart->y * $u->x) / $across;
        }
        $at = $first->at($t);
        $off = $second->at($s)->minus($at);
        $isNear = hypot($off->x, $off->y) < 1e-7 && hypot($at->x - $start->x, $at->y - $start->y) < $farthest;

        return $isNear && $t > -1e-9 && $t < 1 + 1e-9 && $s > -1e-9 && $s < 1 + 1e-9 ? new self($at, max(0.0, min(1.0, $t)), max(0.0, min(1.0, $s))) : null;
    }
}
