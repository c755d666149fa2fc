<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Quadratic;

/**
 * The outlines of TrueType glyphs as relative SVG path data (SVG 2, section 9.3), y downwards.
 *
 * Each outline begins with a relative move, so that outlines can be strung together into one path,
 * each behind an absolute move to its own origin.
 *
 * @phpstan-type OutlinePoint array{x: float, y: float, on: bool}
 * @phpstan-type Contour list<OutlinePoint>
 */
final class Outlines
{
    /**
     * @param  list<Contour>  $contours  in font units, y upwards as in the font file
     */
    public static function toPath(array $contours): string
    {
        $path = '';
        $x = $y = 0.0;
        foreach ($contours as $contour) {
            $points = self::fromOnCurve($contour);
            if (count($points) < 2) {
                continue;
            }
            $start = array_shift($points);
            $path .= 'm'.self::pair($start['x'] - $x, $y - $start['y']);
            [$x, $y] = [$start['x'], $start['y']];
            $points[] = $start;
            for ($i = 0, $n = count($points); $i < $n; $i++) {
                $point = $points[$i];
                if ($point['on']) {
                    $path .= 'l'.self::pair($point['x'] - $x, $y - $point['y']);
                } else {
                    $end = $points[++$i];
                    $path .= 'q'.self::pair($point['x'] - $x, $y - $point['y']).' '.self::pair($end['x'] - $x, $y - $end['y']);
                    $point = $end;
                }
                [$x, $y] = [$point['x'], $point['y']];
            }
            $path .= 'z';
        }

        return $path;
    }

    /**
     * The exact box round the outline: curves count by their extremes, not by their control points.
     *
     * @param  list<Contour>  $contours
     * @return array{float, float, float, float}|null left, top, right, bottom, y downwards
     */
    public static function box(array $contours): ?array
    {
        $xs = $ys = [];
        foreach ($contours as $contour) {
            $points = self::fromOnCurve($contour);
            $from = $points[0] ?? null;
            if ($from === null) {
                continue;
            }
            $points[] = $from;
            for ($i = 1, $n = count($points); $i < $n; $i++) {
                $control = $points[$i]['on'] ? null : $points[$i++];
                $to = $points[$i];
                array_push($xs, $from['x'], ...Quadratic::extreme($from['x'], $control['x'] ?? null, $to['x']));
                array_push($ys, -$from['y'], ...Quadratic::extreme(-$from['y'], $control === null ? null : -$control['y'], -$to['y']));
                $from = $to;
            }
        }

        return $xs === [] || $ys === [] ? null : [min($xs), min($ys), max($xs), max($ys)];
    }

    /**
     * The contour with its implied points written out (TrueType: midway between two control points),
     * beginning on the curve.
     *
     * @param  Contour  $contour
     * @return Contour
     */
    private static function fromOnCurve(array $contour): array
    {
        $full = [];
        foreach ($contour as $i => $point) {
            $before = $contour[$i === 0 ? count($contour) - 1 : $i - 1];
            if (! $point['on'] && ! $before['on']) {
                $full[] = ['x' => ($before['x'] + $point['x']) / 2, 'y' => ($before['y'] + $point['y']) / 2, 'on' => true];
            }
            $full[] = $point;
        }
        foreach ($full as $i => $point) {
            if ($point['on']) {
                return [...array_slice($full, $i), ...array_slice($full, 0, $i)];
            }
        }

        return [];
    }

    private static function pair(float $x, float $y): string
    {
        return Length::digits($x, 2).' '.Length::digits($y, 2);
    }
}
