<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

/** How a text is set. Size in px, line height as a factor of the size, align along the line. */
final readonly class TextStyle
{
    public function __construct(
        public Font $font,
        public float $size,
        public float $lineHeight,
        public TextAlign $align,
    ) {
    }

    /** Pixels to one font unit. */
    public function scale(): float
    {
        return $this->size / $this->font->unitsPerEm;
    }

    /** From one baseline to the next, in px. */
    public function leading(): float
    {
        return $this->size * $this->lineHeight;
    }

    /**
     * From the top of the first line to its baseline, in px: half the leading that is left over lies above
     * (CSS Inline Layout Level 3, section 5.1): (L - (A + D)) / 2 + A, with ascent and descent from `hhea`.
     */
    public function baseline(): float
    {
        $ascent = $this->font->ascent * $this->scale();
        $descent = $this->font->descent * $this->scale();

        return ($this->leading() - ($ascent + $descent)) / 2 + $ascent;
    }
}
