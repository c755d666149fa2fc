<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/**
 * How lengths are rounded, compared and written. Lengths are pixels of the sheet.
 *
 * PHP's own round() differs from JavaScript's at ties, so both sides use floor(v + 0.5).
 */
final class Length
{
    /** No place and no size may lie beyond this many pixels from the origin. */
    public const LIMIT = 1_000_000;

    /** Two lengths that differ by less than this are one length. */
    public const SAME = 0.0005;

    /** The value as it is stored: to 1/1000 px, ties upwards; -0 becomes 0. */
    public static function round(float $value): float
    {
        $rounded = floor($value * 1000 + 0.5) / 1000;

        return $rounded === 0.0 ? 0.0 : $rounded;
    }

    /** The nearest whole pixel, half up; a hair under the half counts as the half, so that whole moves round alike. */
    public static function whole(float $value): float
    {
        $whole = floor($value + 0.5 + 1e-6);

        return $whole === 0.0 ? 0.0 : $whole;
    }

    public static function same(float $a, float $b): bool
    {
        return abs($a - $b) < self::SAME;
    }

    public static function isWhole(float $value): bool
    {
        return self::same($value, floor($value + 0.5));
    }

    /** As it is read: 3 decimals at most, no trailing zeros. */
    public static function text(float $value): string
    {
        return self::digits(self::round($value), 3);
    }

    /** With so many decimals at most, no trailing zeros; -0 is 0. */
    public static function digits(float $value, int $most): string
    {
        $text = rtrim(rtrim(number_format($value, $most, '.', ''), '0'), '.');

        return $text === '-0' ? '0' : $text;
    }
}
