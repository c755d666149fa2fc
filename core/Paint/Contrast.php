<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

/** How much letters stand out from what lies beneath them (WCAG 2.2, success criterion 1.4.3). */
final class Contrast
{
    /**
     * @param  array{int, int, int}  $one  red, green and blue, 0 to 255
     * @param  array{int, int, int}  $other
     * @return float 1 for the same colour, 21 for black on white
     */
    public static function ratio(array $one, array $other): float
    {
        $light = [self::luminance($one), self::luminance($other)];

        return (max($light) + 0.05) / (min($light) + 0.05);
    }

    /**
     * What is asked for: less of large letters, from 24 px on, or from 18.66 px where they are bold.
     *
     * @param  float  $size  px
     * @param  float  $weight  100 to 900
     */
    public static function needed(float $size, float $weight): float
    {
        return $size >= 24.0 || ($size >= 18.66 && $weight >= 700) ? 3.0 : 4.5;
    }

    /**
     * Relative luminance, as WCAG 2.2 defines it.
     *
     * @param  array{int, int, int}  $of
     */
    private static function luminance(array $of): float
    {
        [$r, $g, $b] = array_map(static function (int $part): float {
            $share = $part / 255;

            return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
        }, $of);

        return 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
    }
}
