<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

/** How a paragraph is set (RULES 17). */
final readonly class ParagraphStyle
{
    /**
     * @param  float  $lineHeight  a factor of the size of the letters
     * @param  float  $before  px above it; none above the first of a text
     * @param  float  $after  px below it; none below the last of a text
     * @param  float  $indent  px before its first line; less than 0 where that stands out
     * @param  string  $list  none, bullets or numbers
     */
    public function __construct(
        public TextAlign $align = TextAlign::Start,
        public float $lineHeight = 1.3,
        public float $before = 0.0,
        public float $after = 0.0,
        public float $indent = 0.0,
        public string $list = 'none',
    ) {
    }
}
