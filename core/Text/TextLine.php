<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

/** One set line: code points with their places in font units from the line's start. */
final readonly class TextLine
{
    /**
     * @param  list<array{int, int}>  $glyphs  code point and x in font units
     * @param  int  $advance  the line's width in font units, without the blanks at its end
     */
    public function __construct(public array $glyphs, public int $advance)
    {
    }
}
