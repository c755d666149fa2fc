<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Text\Reading\PairTables;

/**
 * One style of a family as it was compiled from its file. All figures are in the font's own units, y downwards from the baseline.
 *
 * @phpstan-import-type PairTable from PairTables
 *
 * @phpstan-type FontData array{family: string, name: string, weight: int, italic: bool, unitsPerEm: int, ascent: int, descent: int, capital: int, small: int, underlineAt: int, underlineWeight: int, advances: array<int, int>, boxes: array<int, array{float, float, float, float}>, glyphs: array<int, int>, ends: array<int, int>, even: array<int, int>, pairs: list<list<PairTable>>}
 */
final class Font
{
    /** Stands for every character that the family has not: an empty box. */
    public const MISSING = 0;

    /** Past all code points: figures of one width stand there. */
    public const EVEN = 0x110000;

    /** @var array<int, int> by both code points */
    private array $kerned = [];

    /**
     * @param  string  $key  names the font in glyph ids: family, dash, weight, and -italic
     * @param  string  $family  the word by which texts name its family
     * @param  string  $name  what the family calls itself
     * @param  int  $unitsPerEm  font units to one em
     * @param  int  $ascent  above the baseline, positive
     * @param  int  $descent  below the baseline, positive
     * @param  int  $capital  height of capitals
     * @param  int  $small  height of small letters
     * @param  int  $underlineAt  of the middle of the line under words, below the baseline
     * @param  array<int, int>  $advances  by code point
     * @param  array<int, array{float, float, float, float}>  $boxes  left, top, right, bottom by code point; none for blanks
     * @param  array<int, int>  $glyphs  of the file, by code point; the first, where a character is set as several
     * @param  array<int, int>  $ends  the last of those
     * @param  array<int, int>  $even  what stands for a figure where all are to be of one width
     * @param  list<list<PairTable>>  $pairs  of glyphs of the file
     */
    public function __construct(
        public readonly string $key,
        public readonly string $family,
        public readonly string $name,
        public readonly int $weight,
        public readonly bool $italic,
        public readonly int $unitsPerEm,
        public readonly int $ascent,
        public readonly int $descent,
        public readonly int $capital,
        public readonly int $small,
        public readonly int $underlineAt,
        public readonly int $underlineWeight,
        public readonly array $advances,
        public readonly array $boxes,
        private readonly array $glyphs,
        private readonly array $ends,
        private readonly array $even,
        private readonly array $pairs,
    ) {
    }

    public function has(int $codePoint): bool
    {
        return isset($this->advances[$codePoint]);
    }

    /** The code point that is painted for this one: itself, or the empty box. */
    public function painted(int $codePoint): int
    {
        return $this->has($codePoint) ? $codePoint : self::MISSING;
    }

    public function advance(int $codePoint): int
    {
        return $this->advances[$codePoint] ?? $this->advances[self::MISSING];
    }

    /** By how much the second stands closer (less than 0) or wider behind the first than its advance says. */
    public function kern(int $first, int $second): int
    {
        return $this->kerned[$first << 21 | $second] ??= $this->looked($first, $second);
    }

    /** A figure as one of those that are all of one width, where the font has them. */
    public function evenFigure(int $codePoint): int
    {
        return $this->even[$codePoint] ?? $codePoint;
    }

    public function widestFigure(): int
    {
        return max(array_map($this->advance(...), range(0x30, 0x39)));
    }

    /** The box round the outline with its origin at 0, or null where nothing is painted. */
    public function box(int $codePoint): ?Rect
    {
        $box = $this->boxes[$this->painted($codePoint)] ?? null;

        return $box === null ? null : Rect::between(...$box);
    }

    public function glyphId(int $codePoint): string
    {
        return $this->key.'-'.dechex($this->painted($codePoint));
    }

    private function looked(int $first, int $second): int
    {
        [$a, $b] = [$this->ends[$first] ?? $this->glyphs[$first] ?? -1, $this->glyphs[$second] ?? -1];
        $sum = 0;
        foreach ($a < 0 || $b < 0 ? [] : $this->pairs as $subtables) {
            foreach ($subtables as $table) {
                $value = isset($table['pairs'])
                    ? $table['pairs'][$a][$b] ?? null
                    : (isset($table['first'][$a], $table['second'][$b]) ? $table['values'][$table['first'][$a]][$table['second'][$b]] ?? 0 : null);
                if ($value !== null) {
                    $sum += $value;
                    break;
                }
            }
        }

        return $sum;
    }
}
