<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

use AllSquare\Core\Text\Font;

/** How letters are set (RULES 17). */
final readonly class LetterStyle
{
    /**
     * @param  float  $size  px
     * @param  float  $tracking  thousandths of an em behind every letter but the last of a line
     * @param  bool  $upper  whether they are set as capitals
     * @param  bool  $even  whether all figures are of one width
     * @param  float  $shift  px above the baseline
     * @param  object|null  $paint  what they are painted with, as whoever paints them knows it; null for that of the whole text
     */
    public function __construct(
        public Font $font,
        public float $size,
        public float $tracking = 0.0,
        public bool $upper = false,
        public bool $even = false,
        public bool $underline = false,
        public float $shift = 0.0,
        public ?object $paint = null,
    ) {
    }

    /** Pixels to one font unit. */
    public function scale(): float
    {
        return $this->size / $this->font->unitsPerEm;
    }

    /** Whether letters of both stand in one row, so that a pair across them is kerned. */
    public function goesOnAs(self $other): bool
    {
        return $this->font === $other->font && $this->size === $other->size;
    }

    /**
     * What of a line of these lies above its baseline, in px: half the leading that is left over lies above
     * (CSS Inline Layout Level 3, section 5.1): (L - (A + D)) / 2 + A, with ascent and descent from `hhea`.
     *
     * @param  float  $lineHeight  a factor of the size
     */
    public function above(float $lineHeight): float
    {
        [$ascent, $descent] = [$this->font->ascent * $this->scale(), $this->font->descent * $this->scale()];

        return ($this->size * $lineHeight - ($ascent + $descent)) / 2 + $ascent;
    }

    /** What of it lies below, in px. */
    public function below(float $lineHeight): float
    {
        return $this->size * $lineHeight - $this->above($lineHeight);
    }

    /** Where letters are painted, in px from the baseline of their line downwards. */
    public function drop(): float
    {
        return $this->shift === 0.0 ? 0.0 : -$this->shift;
    }

    /** @return non-empty-list<int> what is painted for a character; capitals may be several, as for ß */
    public function painted(int $codePoint): array
    {
        if ($this->upper) {
            $capitals = mb_strtoupper((string) mb_chr($codePoint));
            if (mb_strlen($capitals) > 1) {
                return array_map(static fn (string $letter): int => (int) mb_ord($letter), mb_str_split($capitals));
            }
            $codePoint = (int) mb_ord($capitals);
        }

        return [$this->even ? $this->font->evenFigure($codePoint) : $codePoint];
    }

    /** How wide a painted character is, in font units; where the font has no figures of one width, each has the room of the widest. */
    public function advance(int $painted): int
    {
        return $this->even && $painted >= 0x30 && $painted <= 0x39 ? $this->font->widestFigure() : $this->font->advance($painted);
    }

    /** How far it is set into that room, in font units. */
    public function inset(int $painted): float
    {
        return $this->even && $painted >= 0x30 && $painted <= 0x39 ? ($this->font->widestFigure() - $this->font->advance($painted)) / 2 : 0.0;
    }

    /** By how much the second stands closer or wider, in font units: figures of one width are never kerned. */
    public function kern(int $first, int $second): int
    {
        return $this->even && (self::isFigure($first) && self::isFigure($second)) ? 0 : $this->font->kern($first, $second);
    }

    private static function isFigure(int $painted): bool
    {
        return ($painted >= 0x30 && $painted <= 0x39) || $painted >= Font::EVEN;
    }
}
