<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

use AllSquare\Core\Geometry\Point;

/** Arcs of ellipses as cubic curves (SVG 2, appendix B.2, for where the centre lies). */
final class EllipticArc
{
    /**
     * @param  float  $turn  degrees from the x axis to that of rx
     * @return list<array{Point, Point, Point}>|null control points and end of each curve; none where it ends where it begins, null where it is a line
     */
    public static function curves(Point $from, float $rx, float $ry, float $turn, bool $isLarge, bool $isClockwise, Point $to): ?array
    {
        [$rx, $ry] = [abs($rx), abs($ry)];
        if ($from->x === $to->x && $from->y === $to->y) {
            return [];
        }
        if ($rx === 0.0 || $ry === 0.0) {
            return null;
        }
        $half = $from->minus($to)->times(0.5, 0.5)->turned(-$turn);
        $over = ($half->x / $rx) ** 2 + ($half->y / $ry) ** 2;
        if ($over > 1) {
            [$rx, $ry] = [$rx * sqrt($over), $ry * sqrt($over)];
        }
        $below = ($rx * $half->y) ** 2 + ($ry * $half->x) ** 2;
        $factor = sqrt(max(0.0, (($rx * $ry) ** 2 - $below) / $below)) * ($isLarge === $isClockwise ? -1 : 1);
        $centre = new Point($factor * $rx * $half->y / $ry, -$factor * $ry * $half->x / $rx);
        $angle = static fn (Point $p): float => atan2(($p->y - $centre->y) / $ry, ($p->x - $centre->x) / $rx);
        $start = $angle($half);
        $sweep = $angle($half->times(-1, -1)) - $start;
        $sweep += $isClockwise ? ($sweep < 0 ? 2 * M_PI : 0.0) : ($sweep > 0 ? -2 * M_PI : 0.0);
        $middle = $centre->turned($turn)->plus($from->plus($to)->times(0.5, 0.5));

        $place = static fn (float $x, float $y): Point => (new Point($x * $rx, $y * $ry))->turned($turn)->plus($middle);
        // An eighth of a turn at a time lies off the ellipse by less than a millionth of its radius.
        $count = max(1, (int) ceil(abs($sweep) / (M_PI / 4) - 1e-9));
        $step = $sweep / $count;
        $reach = 4 / 3 * tan($step / 4);
        $curves = [];
        for ($i = 0; $i < $count; $i++) {
            [$a, $b] = [$start + $i * $step, $start + ($i + 1) * $step];
            $curves[] = [
                $place(cos($a) - $reach * sin($a), sin($a) + $reach * cos($a)),
                $place(cos($b) + $reach * sin($b), sin($b) - $reach * cos($b)),
                $i === $count - 1 ? $to : $place(cos($b), sin($b)),
            ];
        }

        return $curves;
    }
}
