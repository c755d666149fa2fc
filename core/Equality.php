<?php

declare(strict_types=1);

namespace AllSquare\Core;

/**
 * Whether two values are the same to whoever reads them. PHP's == takes "01" and "1", or "1.5" and "1.50", for equal,
 * and === takes 1 and 1.0, and the same object made twice, for different. Of objects all properties count, private ones too.
 */
final class Equality
{
    public static function of(mixed $a, mixed $b): bool
    {
        return match (true) {
            $a === $b => true,
            is_array($a) && is_array($b) => self::ofFields($a, $b),
            is_object($a) && is_object($b) => $a::class === $b::class && self::ofFields((array) $a, (array) $b),
            (is_int($a) || is_float($a)) && (is_int($b) || is_float($b)) => (float) $a === (float) $b,
            default => false,
        };
    }

    /**
     * In whatever order they stand.
     *
     * @param  array<mixed>  $a
     * @param  array<mixed>  $b
     */
    private static function ofFields(array $a, array $b): bool
    {
        if (count($a) !== count($b)) {
            return false;
        }
        foreach ($a as $name => $value) {
            if (! array_key_exists($name, $b) || ! self::of($value, $b[$name])) {
                return false;
            }
        }

        return true;
    }
}
