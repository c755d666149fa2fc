<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Length;

/**
 * File names for slices that every system takes: folders by "/", no characters that some system forbids,
 * no reserved device names, no two that differ by case alone, nothing outside the archive's own folder.
 */
final class FileNames
{
    private const LONGEST_PART = 80;

    /** @var array<string, true> */
    private array $taken = [];

    /** The stem of a slice's files, unique among those given out by this object. */
    public function stem(string $name): string
    {
        $parts = array_values(array_filter(array_map(self::part(...), explode('/', str_replace('\\', '/', $name))), static fn (string $part): bool => $part !== ''));
        $stem = $parts === [] ? 'slice' : implode('/', array_slice($parts, -4));
        $free = $stem;
        for ($n = 2; isset($this->taken[mb_strtolower($free)]); $n++) {
            $free = "$stem-$n";
        }
        $this->taken[mb_strtolower($free)] = true;

        return $free;
    }

    /** The file of a stem at a scale: "x.png" at 1, "x@2x.png" at 2. */
    public static function file(string $stem, float $scale, string $format): string
    {
        return $stem.($scale === 1.0 ? '' : '@'.Length::text($scale).'x').".$format";
    }

    private static function part(string $part): string
    {
        $clean = (string) preg_replace('/[\x00-\x1f\x7f<>:"|?*@]+/u', '-', $part);
        $clean = trim((string) preg_replace('/\s+/u', ' ', $clean), " .\u{a0}");
        if (preg_match('/^(con|prn|aux|nul|com\d|lpt\d)(\..*)?$/i', $clean) === 1) {
            $clean = "_$clean";
        }

        return trim(mb_substr($clean, 0, self::LONGEST_PART), ' .');
    }
}
