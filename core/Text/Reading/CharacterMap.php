<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/** Which glyph stands for which character: the table cmap, formats 4 and 12 (ISO/IEC 14496-22, section 5.2.1). */
final class CharacterMap
{
    /** More than any script that is set here has; a font of all Han characters is no font for a mockup. */
    public const MOST = 12_000;

    /**
     * @return array<int, int> glyph by code point
     *
     * @throws UnreadableFont
     */
    public static function read(Bytes $cmap): array
    {
        $best = null;
        for ($i = 0, $n = $cmap->u16(2); $i < $n; $i++) {
            [$platform, $encoding, $offset] = [$cmap->u16(4 + 8 * $i), $cmap->u16(6 + 8 * $i), $cmap->u32(8 + 8 * $i)];
            $isUnicode = $platform === 0 || ($platform === 3 && ($encoding === 1 || $encoding === 10));
            $format = $cmap->u16($offset);
            if ($isUnicode && ($format === 12 || ($format === 4 && $best === null))) {
                $best = $offset;
            }
        }
        if ($best === null) {
            throw new UnreadableFont('It does not say which character is which (no Unicode table).');
        }
        $table = $cmap->from($best);
        $map = $table->u16(0) === 12 ? self::format12($table) : self::format4($table);
        if ($map === []) {
            throw new UnreadableFont('There is no character in it.');
        }
        ksort($map);

        return $map;
    }

    /** @return array<int, int> */
    private static function format4(Bytes $table): array
    {
        $segments = intdiv($table->u16(6), 2);
        [$ends, $starts, $deltas, $ranges] = [14, 16 + 2 * $segments, 16 + 4 * $segments, 16 + 6 * $segments];
        $map = [];
        for ($i = 0; $i < $segments; $i++) {
            [$start, $end] = [$table->u16($starts + 2 * $i), $table->u16($ends + 2 * $i)];
            [$delta, $range] = [$table->u16($deltas + 2 * $i), $table->u16($ranges + 2 * $i)];
            foreach ($table->through($start, min($end, 0xFFFE)) as $code) {
                $glyph = $range === 0 ? $code : $table->u16($ranges + 2 * $i + $range + 2 * ($code - $start));
                self::add($map, $code, $glyph === 0 ? 0 : ($glyph + $delta) & 0xFFFF);
            }
        }

        return $map;
    }

    /** @return array<int, int> */
    private static function format12(Bytes $table): array
    {
        $map = [];
        for ($i = 0, $n = $table->u32(12); $i < $n; $i++) {
            [$start, $end, $glyph] = [$table->u32(16 + 12 * $i), $table->u32(20 + 12 * $i), $table->u32(24 + 12 * $i)];
            foreach ($table->through($start, $end) as $code) {
                self::add($map, $code, $glyph + $code - $start);
            }
        }

        return $map;
    }

    /** @param  array<int, int>  $map */
    private static function add(array &$map, int $code, int $glyph): void
    {
        if ($glyph !== 0) {
            $map[$code] = $glyph;
        }
        if (count($map) > self::MOST) {
            throw new UnreadableFont('It has more than '.number_format(self::MOST).' characters.');
        }
    }
}
