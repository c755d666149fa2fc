<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Text\Setting\LetterStyle;

/** How one cell is set, with all that is said of it, its row, its column and its part. */
final readonly class CellStyle
{
    /**
     * @param  string  $key  different for letters and lines that are set otherwise
     * @param  float  $lineHeight  a factor of the size
     * @param  array{float, float, float, float}  $padding  px, clockwise from the top
     * @param  mixed  $ground  what lies behind it, as it is stored; null for nothing
     */
    public function __construct(
        public string $key,
        public LetterStyle $letters,
        public float $lineHeight,
        public CellAlign $align,
        public CellStand $stand,
        public array $padding,
        public mixed $ground,
    ) {
    }

    public function across(): float
    {
        return $this->padding[1] + $this->padding[3];
    }

    public function down(): float
    {
        return $this->padding[0] + $this->padding[2];
    }
}
