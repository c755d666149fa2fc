<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/** Glyphs that a feature puts in the place of others (GSUB; ISO/IEC 14496-22, section 6.4.3). */
final class Substitutions
{
    /**
     * One for one: single substitution, both formats.
     *
     * @param  array<int, int>  $glyphs  those that are asked for, as keys
     * @return array<int, int> what stands in the place of each
     */
    public static function single(Sfnt $font, string $feature, array $glyphs): array
    {
        $gsub = $font->table('GSUB');
        $found = [];
        foreach ($gsub === null ? [] : (new LayoutTable($gsub, 7))->lookups($feature, 1) as $subtables) {
            foreach ($subtables as $table) {
                foreach (LayoutTable::coverage($table->from($table->u16(2)), $glyphs) as $glyph => $index) {
                    $found[$glyph] ??= $table->u16(0) === 1 ? ($glyph + $table->i16(4)) & 0xFFFF : $table->u16(6 + 2 * $index);
                }
            }
        }

        return $found;
    }

    /**
     * Several for one: multiple substitution, such as a letter with a dot for ŀ.
     *
     * @param  array<int, int>  $glyphs  those that are asked for, as keys
     * @return array<int, list<int>> what stands in the place of each, two at least
     */
    public static function several(Sfnt $font, string $feature, array $glyphs): array
    {
        $gsub = $font->table('GSUB');
        $found = [];
        foreach ($gsub === null ? [] : (new LayoutTable($gsub, 7))->lookups($feature, 2) as $subtables) {
            foreach ($subtables as $table) {
                foreach (LayoutTable::coverage($table->from($table->u16(2)), $glyphs) as $glyph => $index) {
                    $sequence = $table->from($table->u16(6 + 2 * $index));
                    $count = $sequence->u16(0);
                    if ($count > 1) {
                        $found[$glyph] ??= array_map(static fn (int $i): int => $sequence->u16(2 + 2 * $i), range(0, $count - 1));
                    }
                }
            }
        }

        return $found;
    }
}
