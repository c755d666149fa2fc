<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\OutlineBounds;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Text\FontLibrary;

/** The outlines of letters that were placed: as one path, and the box round them. */
final class TextOutlines
{
    /** @var array<string, Path> in font units, by font and code point */
    private array $glyphs = [];

    /** @var array<string, Rect|null> boxes of turned glyphs in font units, by font, glyph and turn */
    private array $turned = [];

    public function __construct(private readonly FontLibrary $fonts)
    {
    }

    /** @param  list<PlacedPiece>  $pieces */
    public function of(array $pieces): Path
    {
        $subpaths = [];
        foreach ($pieces as $placed) {
            $seen = $placed->piece->seen();
            foreach (array_chunk($seen, 2) as [$codePoint, $x]) {
                array_push($subpaths, ...$this->glyph($placed->piece->style->font->key, (int) $codePoint)->mapped(static fn (Point $p): Point => $placed->toItem((float) $x, $p))->subpaths);
            }
            foreach ($placed->underline() as $line) {
                $subpaths[] = Subpath::ofCorners($line, true);
            }
        }

        return new Path($subpaths);
    }

    /**
     * The box round what is painted of them, exact to the curve.
     *
     * @param  list<PlacedPiece>  $pieces
     */
    public function box(array $pieces, Matrix $toSpace): ?Rect
    {
        $boxes = [];
        foreach ($pieces as $placed) {
            $toPiece = $toSpace->after($placed->matrix());
            if (Angle::isQuarter($toPiece->angle)) {
                $box = $placed->piece->box();
                $boxes[] = $box === null ? null : $placed->bounds($box, $toSpace);
            } else {
                array_push($boxes, ...$this->turnedBoxes($placed, $toSpace));
            }
            foreach ($placed->underline() as $line) {
                $boxes[] = Rect::around(array_map($toSpace->apply(...), $line));
            }
        }

        return Rect::unionOf(array_values(array_filter($boxes)));
    }

    /**
     * A glyph's box depends on its outline and the angle alone, so that it is worked out once for all places and sizes.
     *
     * @return list<Rect>
     */
    private function turnedBoxes(PlacedPiece $placed, Matrix $toSpace): array
    {
        $scale = $placed->piece->style->scale();
        $turn = $toSpace->after($placed->matrix())->unmoved();
        $seen = $placed->piece->seen();
        $boxes = [];
        foreach (array_chunk($seen, 2) as [$codePoint, $x]) {
            $key = "{$placed->piece->style->font->key} $codePoint $turn->angle $turn->flipped";
            if (! array_key_exists($key, $this->turned)) {
                $this->turned[$key] = OutlineBounds::of($this->fonts->outlines($placed->piece->style->font->key)[(int) $codePoint] ?? '', $turn);
            }
            $box = $this->turned[$key];
            if ($box !== null) {
                $at = $toSpace->apply($placed->toItem((float) $x, new Point(0.0, 0.0)));
                $boxes[] = new Rect($at->x + $box->x * $scale, $at->y + $box->y * $scale, $box->w * $scale, $box->h * $scale);
            }
        }

        return $boxes;
    }

    private function glyph(string $font, int $codePoint): Path
    {
        return $this->glyphs["$font $codePoint"] ??= PathData::read($this->fonts->outlines($font)[$codePoint] ?? '');
    }
}
