<?php

declare(strict_types=1);

namespace AllSquare\Core\Tokens;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Look\Colour;

/** Values of design tokens, written and read: colours in sRGB, lengths in px, weights of fonts. */
final class TokenValues
{
    /** px of a rem, as browsers have it at first */
    private const REM = 16.0;

    /** weights by the names that the format allows for them */
    private const WEIGHTS = [
        'thin' => 100, 'hairline' => 100, 'extra-light' => 200, 'ultra-light' => 200, 'light' => 300, 'normal' => 400, 'regular' => 400, 'book' => 400, 'medium' => 500,
        'semi-bold' => 600, 'demi-bold' => 600, 'bold' => 700, 'extra-bold' => 800, 'ultra-bold' => 800, 'black' => 900, 'heavy' => 900, 'extra-black' => 950, 'ultra-black' => 950,
    ];

    /** @return array<string, mixed> */
    public static function colour(Colour $colour): array
    {
        [$red, $green, $blue, $alpha] = array_map(static fn (int $channel): float => round($channel / 255, 6), $colour->channels());

        return ['colorSpace' => 'srgb', 'components' => [$red, $green, $blue], ...($alpha === 1.0 ? [] : ['alpha' => $alpha]), 'hex' => substr($colour->hex, 0, 7)];
    }

    /** @return Colour|null null where it cannot be read, or is in another colour space */
    public static function readColour(mixed $value): ?Colour
    {
        if (is_string($value)) {
            return match (true) {
                preg_match('/^#([0-9a-f])([0-9a-f])([0-9a-f])$/i', $value, $d) === 1 => Colour::of("#$d[1]$d[1]$d[2]$d[2]$d[3]$d[3]"),
                preg_match('/^#[0-9a-f]{6}([0-9a-f]{2})?$/i', $value) === 1 => Colour::of($value),
                default => null,
            };
        }
        $parts = is_array($value) && ($value['colorSpace'] ?? null) === 'srgb' ? $value['components'] ?? null : null;
        if (! is_array($value) || ! is_array($parts) || count($parts) !== 3) {
            return null;
        }
        $hex = '#';
        foreach ([...array_values($parts), $value['alpha'] ?? 1.0] as $part) {
            $share = $part === 'none' ? 0.0 : $part;
            if (! is_int($share) && ! is_float($share)) {
                return null;
            }
            $hex .= sprintf('%02x', (int) round(min(1.0, max(0.0, $share)) * 255));
        }

        return Colour::of($hex);
    }

    /** @return array{value: float, unit: 'px'} */
    public static function length(float $pixels): array
    {
        return ['value' => Length::round($pixels), 'unit' => 'px'];
    }

    /** @return float|null px */
    public static function readLength(mixed $value): ?float
    {
        if (is_string($value) && preg_match('/^(-?\d+(?:\.\d+)?)(px|rem)$/', $value, $read) === 1) {
            $value = ['value' => (float) $read[1], 'unit' => $read[2]];
        }
        $number = is_array($value) ? $value['value'] ?? null : null;
        if (! is_array($value) || ! (is_int($number) || is_float($number)) || ! in_array($value['unit'] ?? null, ['px', 'rem'], true)) {
            return null;
        }

        return Length::round($number * ($value['unit'] === 'rem' ? self::REM : 1.0));
    }

    public static function readWeight(mixed $value): ?int
    {
        $weight = is_string($value) ? self::WEIGHTS[mb_strtolower($value)] ?? null : $value;

        return is_int($weight) || is_float($weight) ? (int) min(900, max(100, round($weight / 100) * 100)) : null;
    }
}
