<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** Angles are degrees clockwise (y grows downwards), kept in (-180, 180]. */
final class Angle
{
    /** The same direction within (-180, 180], to 1/1000 degree. */
    public static function keep(float $degrees): float
    {
        $turn = fmod($degrees, 360.0);
        if ($turn > 180.0) {
            $turn -= 360.0;
        } elseif ($turn <= -180.0) {
            $turn += 360.0;
        }
        $kept = Length::round($turn);

        return $kept <= -180.0 ? 180.0 : $kept;
    }

    /** Whether things at this angle still stand upright: a multiple of 90. */
    public static function isQuarter(float $degrees): bool
    {
        return $degrees === 0.0 || Length::same(fmod(abs($degrees) + 45.0, 90.0), 45.0);
    }

    /** Whether width and height change places at this angle: 90 or -90. */
    public static function isSideways(float $degrees): bool
    {
        return self::isQuarter($degrees) && abs(abs(self::keep($degrees)) - 90.0) < 1.0;
    }

    /** Exact at multiples of 90, where cos() of a rounded pi is not. */
    public static function cos(float $degrees): float
    {
        return self::isQuarter($degrees)
            ? [1.0, 0.0, -1.0, 0.0][self::quarters($degrees)]
            : cos(deg2rad($degrees));
    }

    /** Exact at multiples of 90. */
    public static function sin(float $degrees): float
    {
        return self::isQuarter($degrees)
            ? [0.0, 1.0, 0.0, -1.0][self::quarters($degrees)]
            : sin(deg2rad($degrees));
    }

    private static function quarters(float $degrees): int
    {
        return (((int) floor($degrees / 90.0 + 0.5)) % 4 + 4) % 4;
    }
}
