<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

use AllSquare\Core\Geometry\Rect;

/**
 * One style of a family as it was compiled from its files: advance widths, outline boxes and the metrics of `hhea`.
 * All figures are in the font's own units, y downwards from the baseline.
 */
final readonly class Font
{
    /** Stands for every character that no file of the family has: an empty box. */
    public const MISSING = 0;

    /**
     * @param  string  $key  names the font in glyph ids: family, dash, weight
     * @param  int  $unitsPerEm  font units to one em
     * @param  int  $ascent  above the baseline, positive
     * @param  int  $descent  below the baseline, positive
     * @param  array<int, int>  $advances  by code point
     * @param  array<int, array{float, float, float, float}>  $boxes  left, top, right, bottom by code point; none for blanks
     */
    public function __construct(
        public string $key,
        public string $family,
        public int $weight,
        public int $unitsPerEm,
        public int $ascent,
        public int $descent,
        public array $advances,
        public array $boxes,
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
        return $this->advances[$this->painted($codePoint)];
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
}
