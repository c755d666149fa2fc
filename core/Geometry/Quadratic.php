<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** A quadratic Bézier curve, one coordinate at a time. */
final class Quadratic
{
    /**
     * Where one coordinate of a quadratic curve turns round (its derivative is 0), if between the ends.
     *
     * @return list<float>
     */
    public static function extreme(float $from, ?float $control, float $to): array
    {
        $bend = $control === null ? 0.0 : $from - 2 * $control + $to;
        if ($control === null || $bend === 0.0) {
            return [];
        }
        $t = ($from - $control) / $bend;

        return $t > 0 && $t < 1 ? [(1 - $t) ** 2 * $from + 2 * $t * (1 - $t) * $control + $t ** 2 * $to] : [];
    }
}
