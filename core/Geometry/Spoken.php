<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/**
 * Lengths in sentences. While a sentence is put together they are marked, px between two signs of the private use area of
 * Unicode; when it is whole, they are written in the unit in which the person at the desk measures.
 */
final class Spoken
{
    private const BEGINS = "\u{E000}";

    private const ENDS = "\u{E001}";

    private const UNIT = "\u{E002}";

    /** @param  float  $length  px */
    public static function length(float $length): string
    {
        return self::BEGINS.Length::text($length).self::ENDS;
    }

    /** With the unit behind it, as in "12 px". */
    public static function withUnit(float $length): string
    {
        return self::length($length).' '.self::UNIT;
    }

    /** @param  float  $ppi  pixels per inch of the sheet */
    public static function in(string $sentence, Unit $unit, float $ppi): string
    {
        if (! str_contains($sentence, self::BEGINS)) {
            return $sentence;
        }
        $written = (string) preg_replace_callback(
            '/'.self::BEGINS.'([^'.self::ENDS.']*)'.self::ENDS.'/u',
            static fn (array $found): string => $unit === Unit::Px ? $found[1] : Length::text((float) $found[1] / $unit->pixels($ppi)),
            $sentence,
        );

        return str_replace(self::UNIT, $unit->value, $written);
    }
}
