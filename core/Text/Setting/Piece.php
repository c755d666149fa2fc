<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

use AllSquare\Core\Geometry\Rect;

/** Letters of one line in one style. */
final readonly class Piece
{
    /**
     * @param  float  $x  px from the left of the room to where it begins
     * @param  float  $width  px
     * @param  list<int>  $codePoints  that are painted, blanks and boxes for what is missing among them
     * @param  list<float|int>  $places  of each, in font units from where the piece begins
     * @param  list<int>  $characters  which character of the text each stands for; -1 for what a list puts before a paragraph
     */
    public function __construct(public LetterStyle $style, public float $x, public float $width, public array $codePoints, public array $places, public array $characters)
    {
    }

    /**
     * Which letters are seen, and where.
     *
     * @return list<int|float> code point and place of each in turn
     */
    public function seen(): array
    {
        $seen = [];
        $boxes = $this->style->font->boxes;
        foreach ($this->codePoints as $i => $codePoint) {
            $painted = $this->style->font->painted($codePoint);
            if (isset($boxes[$painted])) {
                $seen[] = $painted;
                $seen[] = $this->places[$i];
            }
        }

        return $seen;
    }

    /** The box round its letters in font units, from where it begins on its baseline. */
    public function box(): ?Rect
    {
        $left = $top = INF;
        $right = $bottom = -INF;
        $boxes = $this->style->font->boxes;
        foreach ($this->codePoints as $i => $codePoint) {
            $box = $boxes[$this->style->font->painted($codePoint)] ?? null;
            if ($box !== null) {
                $x = $this->places[$i];
                [$left, $top] = [min($left, $x + $box[0]), min($top, $box[1])];
                [$right, $bottom] = [max($right, $x + $box[2]), max($bottom, $box[3])];
            }
        }

        return $left === INF ? null : Rect::between($left, $top, $right, $bottom);
    }
}
