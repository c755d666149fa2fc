<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Text\Font;
use AllSquare\Core\Text\Setting\Piece;

/** A line of a cell's words in one style. */
final class CellLine
{
    private Rect|false|null $box = false;

    /**
     * @param  list<int|float>  $glyphs  code point and place in font units of each letter that is seen, in turn
     * @param  float  $width  px
     * @param  string  $text  what it says
     * @param  Piece|null  $piece  it as it was set, where it is not plain
     */
    public function __construct(public readonly array $glyphs, public readonly float $width, public readonly string $text, public readonly ?Piece $piece = null)
    {
    }

    /** The box round its letters in font units, from where it begins on its baseline; null where nothing is seen. */
    public function box(Font $font): ?Rect
    {
        if ($this->box === false) {
            $left = $top = INF;
            $right = $bottom = -INF;
            for ($i = 0, $n = count($this->glyphs); $i < $n; $i += 2) {
                $box = $font->boxes[(int) $this->glyphs[$i]];
                $x = $this->glyphs[$i + 1];
                $left = $x + $box[0] < $left ? $x + $box[0] : $left;
                $right = $x + $box[2] > $right ? $x + $box[2] : $right;
                $top = $box[1] < $top ? $box[1] : $top;
                $bottom = $box[3] > $bottom ? $box[3] : $bottom;
            }
            $this->box = $left === INF ? null : Rect::between($left, $top, $right, $bottom);
        }

        return $this->box;
    }
}
