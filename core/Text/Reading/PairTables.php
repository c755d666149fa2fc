<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/**
 * By how much pairs of glyphs stand closer or wider: pair adjustment of GPOS, both formats, also through extension lookups
 * (ISO/IEC 14496-22, section 6.3.3.2), or the old table kern, format 0 (section 5.7.2), where GPOS has none.
 *
 * A subtable is `{pairs: {first: {second: units}}}`, or by classes `{first, second, values}`. What a pair does to the second glyph by
 * itself, which no font does to Latin letters, is left out.
 *
 * @phpstan-type PairTable array{pairs: array<int, array<int, int>>}|array{first: array<int, int>, second: array<int, int>, values: array<int, array<int, int>>}
 */
final class PairTables
{
    private const X_ADVANCE = 0x0004;

    /**
     * @param  array<int, int>  $glyphs  those that characters stand for, as keys
     * @return list<list<PairTable>> by lookup; all lookups count, of each the first subtable that has the pair
     */
    public static function read(Sfnt $font, array $glyphs): array
    {
        $gpos = $font->table('GPOS');
        $found = [];
        foreach ($gpos === null ? [] : (new LayoutTable($gpos, 9))->lookups('kern', 2) as $subtables) {
            $read = array_values(array_filter(array_map(static fn (Bytes $subtable): array => self::subtable($subtable, $glyphs), $subtables)));
            if ($read !== []) {
                $found[] = $read;
            }
        }
        $kern = $font->table('kern');

        return $found === [] && $kern !== null ? self::old($kern, $glyphs) : $found;
    }

    /**
     * @param  array<int, int>  $glyphs
     * @return PairTable|array{}
     */
    private static function subtable(Bytes $table, array $glyphs): array
    {
        [$format, $value1, $value2] = [$table->u16(0), $table->u16(4), $table->u16(6)];
        $covered = LayoutTable::coverage($table->from($table->u16(2)), $glyphs);
        [$size1, $size2] = [self::size($value1), self::size($value2)];
        // Of the first glyph's value, where its advance stands in the record.
        $advance = $value1 & self::X_ADVANCE ? self::size($value1 & (self::X_ADVANCE - 1)) : null;
        if ($covered === [] || $advance === null) {
            return [];
        }
        if ($format === 1) {
            $pairs = [];
            foreach ($covered as $first => $index) {
                $set = $table->from($table->u16(10 + 2 * $index));
                for ($i = 0, $n = $set->u16(0); $i < $n; $i++) {
                    $at = 2 + $i * (2 + $size1 + $size2);
                    $second = $set->u16($at);
                    if (isset($glyphs[$second])) {
                        $pairs[$first][$second] ??= $set->i16($at + 2 + $advance);
                    }
                }
            }

            return ['pairs' => $pairs];
        }
        if ($format !== 2) {
            return [];
        }
        $classes = LayoutTable::classes($table->from($table->u16(8)), $glyphs);
        $second = LayoutTable::classes($table->from($table->u16(10)), $glyphs);
        $count = $table->u16(14);
        $first = $values = [];
        foreach (array_keys($covered) as $glyph) {
            $first[$glyph] = $classes[$glyph] ?? 0;
        }
        foreach (array_unique($first) as $class) {
            foreach (array_unique($second) as $other) {
                $value = $table->i16(16 + ($class * $count + $other) * ($size1 + $size2) + $advance);
                if ($value !== 0) {
                    $values[$class][$other] = $value;
                }
            }
        }

        return ['first' => $first, 'second' => $second, 'values' => $values];
    }

    /** @return int bytes of a value record */
    private static function size(int $format): int
    {
        return 2 * substr_count(decbin($format & 0xFF), '1');
    }

    /**
     * @param  array<int, int>  $glyphs
     * @return list<list<PairTable>>
     */
    private static function old(Bytes $kern, array $glyphs): array
    {
        $lookups = [];
        $at = 4;
        for ($i = 0, $n = $kern->u16(0) === 0 ? $kern->u16(2) : 0; $i < $n; $i++) {
            [$length, $coverage] = [$kern->u16($at + 2), $kern->u16($at + 4)];
            // Across, no least distances, format 0.
            if (($coverage & 0xFF07) === 1) {
                $pairs = [];
                for ($k = 0, $m = $kern->u16($at + 6); $k < $m; $k++) {
                    $pair = $at + 14 + 6 * $k;
                    [$first, $second] = [$kern->u16($pair), $kern->u16($pair + 2)];
                    if (isset($glyphs[$first], $glyphs[$second])) {
                        $pairs[$first][$second] = $kern->i16($pair + 4);
                    }
                }
                $lookups[] = [['pairs' => $pairs]];
            }
            $at += $length;
        }

        return $lookups;
    }
}
