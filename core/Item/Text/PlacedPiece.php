<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Painting\Letters;
use AllSquare\Core\Text\Setting\Piece;

/** Letters of one style where they stand in their item. */
final readonly class PlacedPiece
{
    /**
     * @param  Point  $at  where the piece begins on its baseline, shift and all, in the item's own space
     * @param  float  $angle  degrees clockwise by which it is turned about that point
     */
    public function __construct(public Piece $piece, public Point $at, public float $angle = 0.0)
    {
    }

    /** What its letters are filled with, where that is not what the whole item is. */
    public function fill(): ?Fill
    {
        return $this->piece->style->paint instanceof Fill ? $this->piece->style->paint : null;
    }

    /** From px behind where the piece begins to the item's own space. */
    public function matrix(): Matrix
    {
        return Matrix::shift($this->at->x, $this->at->y)->after(Matrix::turn($this->angle));
    }

    /**
     * @param  float  $x  of a glyph, in font units
     * @param  Point  $p  from the glyph's own origin, in font units
     */
    public function toItem(float $x, Point $p): Point
    {
        $scale = $this->piece->style->scale();

        return $this->at->plus((new Point(($x + $p->x) * $scale, $p->y * $scale))->turned($this->angle));
    }

    /** @param  Rect  $box  in font units */
    public function bounds(Rect $box, Matrix $toSpace): Rect
    {
        $scale = $this->piece->style->scale();

        return $toSpace->after($this->matrix())->bounds(new Rect($box->x * $scale, $box->y * $scale, $box->w * $scale, $box->h * $scale));
    }

    /** As it is painted; null where nothing of it is seen. */
    public function letters(): ?Letters
    {
        $seen = $this->piece->seen();
        $turn = $this->angle === 0.0 ? '' : 'rotate('.Length::digits($this->angle, 6).')';

        return $seen === [] ? null : new Letters(
            $this->piece->style->font->key,
            sprintf('translate(%s %s)%sscale(%s)', Length::digits($this->at->x, 6), Length::digits($this->at->y, 6), $turn, Length::digits($this->piece->style->scale(), 6)),
            $seen,
        );
    }

    /** @return list<non-empty-list<Point>> the corners of the line under it, in the item's own space; none where it has none */
    public function underline(): array
    {
        $style = $this->piece->style;
        if (! $style->underline || $this->piece->width <= 0.0) {
            return [];
        }
        $scale = $style->scale();
        $font = $style->font;
        [$top, $bottom] = [($font->underlineAt - $font->underlineWeight / 2) * $scale, ($font->underlineAt + $font->underlineWeight / 2) * $scale];
        // A shifted letter keeps the line of its row.
        [$top, $bottom] = [$top - $style->drop(), $bottom - $style->drop()];

        return [array_map(
            fn (array $corner): Point => $this->at->plus((new Point($corner[0], $corner[1]))->turned($this->angle)),
            [[0.0, $top], [$this->piece->width, $top], [$this->piece->width, $bottom], [0.0, $bottom]],
        )];
    }
}
