<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

/** One set line. */
final readonly class TextLine
{
    /**
     * @param  int  $from  its first character
     * @param  int  $to  the one behind its last, blanks at its end with it, the line end not
     * @param  float  $x  px from the left of the room to where it begins
     * @param  float  $width  px, without the blanks at its end
     * @param  float  $top  px from the top of the text
     * @param  float  $baseline  px from the top of the text
     * @param  float  $height  px
     * @param  list<Piece>  $pieces
     * @param  int  $paragraph  which one it is of
     * @param  bool  $isTorn  whether it ends in the middle of a word that was too wide
     */
    public function __construct(public int $from, public int $to, public float $x, public float $width, public float $top, public float $baseline, public float $height, public array $pieces, public int $paragraph, public bool $isTorn = false)
    {
    }
}
