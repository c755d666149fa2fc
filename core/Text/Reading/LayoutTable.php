<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/** What the tables GPOS and GSUB have in common: scripts, features, lookups, coverage and classes (ISO/IEC 14496-22, section 6.2). */
final readonly class LayoutTable
{
    private const MOST_LOOKUPS = 400;

    private const MOST_SUBTABLES = 2_000;

    public function __construct(private Bytes $table, private int $extension)
    {
    }

    /**
     * The subtables of the lookups that a feature brings to Latin text and to other scripts, in the order in which they count. What
     * is said for no script in particular counts where Latin is not named.
     *
     * @param  int  $type  of lookup, others are left out
     * @return list<list<Bytes>> by lookup
     */
    public function lookups(string $feature, int $type): array
    {
        $lookups = $this->table->from($this->table->u16(8));
        $found = [];
        $read = 0;
        foreach ($this->indices($feature) as $index) {
            $lookup = $lookups->from($lookups->u16(2 + 2 * $index));
            $kind = $lookup->u16(0);
            $subtables = [];
            for ($i = 0, $n = $lookup->u16(4); $i < $n; $i++) {
                if (++$read > self::MOST_SUBTABLES) {
                    throw new UnreadableFont('One of its features has more than '.number_format(self::MOST_SUBTABLES).' tables.');
                }
                $subtable = $lookup->from($lookup->u16(6 + 2 * $i));
                $is = $kind;
                if ($kind === $this->extension) {
                    [$is, $subtable] = [$subtable->u16(2), $subtable->from($subtable->u32(4))];
                }
                if ($is === $type) {
                    $subtables[] = $subtable;
                }
            }
            if ($subtables !== []) {
                $found[] = $subtables;
            }
        }

        return $found;
    }

    /**
     * @param  array<int, int>  $glyphs  those that are asked for, as keys
     * @return array<int, int> index of each that is covered
     */
    public static function coverage(Bytes $table, array $glyphs): array
    {
        $covered = [];
        $isList = $table->u16(0) === 1;
        for ($i = 0, $n = $table->u16(2); $i < $n; $i++) {
            if ($isList) {
                $glyph = $table->u16(4 + 2 * $i);
                if (isset($glyphs[$glyph])) {
                    $covered[$glyph] = $i;
                }

                continue;
            }
            [$start, $end, $index] = [$table->u16(4 + 6 * $i), $table->u16(6 + 6 * $i), $table->u16(8 + 6 * $i)];
            foreach ($table->through($start, $end) as $glyph) {
                if (isset($glyphs[$glyph])) {
                    $covered[$glyph] = $index + $glyph - $start;
                }
            }
        }

        return $covered;
    }

    /**
     * @param  array<int, int>  $glyphs  those that are asked for, as keys
     * @return array<int, int> class of each that is not in class 0
     */
    public static function classes(Bytes $table, array $glyphs): array
    {
        $classes = [];
        $put = static function (int $glyph, int $class) use (&$classes, $glyphs): void {
            if ($class !== 0 && isset($glyphs[$glyph])) {
                $classes[$glyph] = $class;
            }
        };
        if ($table->u16(0) === 1) {
            for ($i = 0, $n = $table->u16(4); $i < $n; $i++) {
                $put($table->u16(2) + $i, $table->u16(6 + 2 * $i));
            }

            return $classes;
        }
        for ($i = 0, $n = $table->u16(2); $i < $n; $i++) {
            $class = $table->u16(8 + 6 * $i);
            foreach ($table->through($table->u16(4 + 6 * $i), $table->u16(6 + 6 * $i)) as $glyph) {
                $put($glyph, $class);
            }
        }

        return $classes;
    }

    /** @return list<int> of lookups, in their order */
    private function indices(string $feature): array
    {
        $scripts = $this->table->from($this->table->u16(4));
        $byScript = [];
        for ($i = 0, $n = $scripts->u16(0); $i < $n; $i++) {
            $script = $scripts->from($scripts->u16(6 + 6 * $i));
            $byScript[$scripts->slice(2 + 6 * $i, 4)] = $script->u16(0) === 0 ? [] : $this->featured($script->from($script->u16(0)), $feature);
        }
        if (($byScript['latn'] ?? []) !== []) {
            unset($byScript['DFLT']);
        }
        $indices = array_values(array_unique(array_merge([], ...array_values($byScript))));
        sort($indices);
        if (count($indices) > self::MOST_LOOKUPS) {
            throw new UnreadableFont('It has '.count($indices).' lookups for one feature.');
        }

        return $indices;
    }

    /** @return list<int> */
    private function featured(Bytes $language, string $feature): array
    {
        $features = $this->table->from($this->table->u16(6));
        $indices = [];
        for ($i = 0, $n = $language->u16(4); $i < $n; $i++) {
            $index = $language->u16(6 + 2 * $i);
            if ($features->slice(2 + 6 * $index, 4) === $feature) {
                $table = $features->from($features->u16(6 + 6 * $index));
                for ($k = 0, $m = $table->u16(2); $k < $m; $k++) {
                    $indices[] = $table->u16(4 + 2 * $k);
                }
            }
        }

        return $indices;
    }
}
