<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** The exact upright box of path data (m, l, q, z, relative) that is turned or mirrored. */
final class OutlineBounds
{
    /**
     * @param  string  $path  as Text\Outlines writes it
     * @param  Matrix  $turn  about where the path begins
     * @return Rect|null in the units of the path, from where it begins
     */
    public static function of(string $path, Matrix $turn): ?Rect
    {
        preg_match_all('/([mlqz])([^mlqz]*)/', $path, $steps, PREG_SET_ORDER);
        $points = [];
        $place = static fn (float $x, float $y): Point => $turn->applyToDistance(new Point($x, $y));
        $x = $y = $startX = $startY = 0.0;
        foreach ($steps as [, $step, $figures]) {
            $by = array_map(floatval(...), explode(' ', $figures));
            if ($step === 'z') {
                [$x, $y] = [$startX, $startY];

                continue;
            }
            $from = $place($x, $y);
            $control = $step === 'q' ? $place($x + $by[0], $y + ($by[1] ?? 0.0)) : null;
            [$dx, $dy] = $step === 'q' ? [$by[2] ?? 0.0, $by[3] ?? 0.0] : [$by[0], $by[1] ?? 0.0];
            [$x, $y] = [$x + $dx, $y + $dy];
            $points[] = $to = $place($x, $y);
            if ($step === 'm') {
                [$startX, $startY] = [$x, $y];
            }
            foreach (Quadratic::extreme($from->x, $control?->x, $to->x) as $extreme) {
                $points[] = new Point($extreme, $to->y);
            }
            foreach (Quadratic::extreme($from->y, $control?->y, $to->y) as $extreme) {
                $points[] = new Point($to->x, $extreme);
            }
        }

        return $points === [] ? null : Rect::around($points);
    }
}
