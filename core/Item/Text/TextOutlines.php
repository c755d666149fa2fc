<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Text\FontLibrary;

/** The outlines of what a text says, as one path in its own space. */
final class TextOutlines
{
    /** @var array<string, Path> in font units, by font and code point */
    private array $glyphs = [];

    public function __construct(private readonly FontLibrary $fonts)
    {
    }

    public function of(Item $item): Path
    {
        $frames = new TextFrame($this->fonts);
        $style = $frames->style($item);
        $scale = $style->scale();
        $subpaths = [];
        foreach ($frames->lines($item) as $i => $line) {
            $start = new Point(($item->frame->w - $line->advance * $scale) * $style->align->before(), $style->baseline() + $i * $style->leading());
            foreach ($line->glyphs as [$codePoint, $x]) {
                $glyph = $this->glyph($style->font->key, $style->font->painted($codePoint));
                array_push($subpaths, ...$glyph->mapped(static fn (Point $p): Point => new Point($start->x + ($x + $p->x) * $scale, $start->y + $p->y * $scale))->subpaths);
            }
        }

        return new Path($subpaths);
    }

    private function glyph(string $font, int $codePoint): Path
    {
        return $this->glyphs["$font $codePoint"] ??= PathData::read($this->fonts->outlines($font)[$codePoint] ?? '');
    }
}
