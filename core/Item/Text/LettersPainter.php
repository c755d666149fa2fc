<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Box\BoxPainter;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Look\Shadow;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Dressing;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Painting\Leaf;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\WritesWords;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Text\FontLibrary;

/** Paints letters as their outlines, which whoever shows them has by their font and code point (FontLibrary::outlines). */
abstract class LettersPainter extends Painter implements GivesPath, WritesWords
{
    private readonly WordPainter $words;

    private readonly TextOutlines $outlines;

    protected readonly BoxPainter $boxPainter;

    public function __construct(FontLibrary $fonts)
    {
        $this->boxPainter = new BoxPainter;
        $this->words = new WordPainter;
        $this->outlines = new TextOutlines($fonts);
    }

    /** @return list<PlacedPiece> */
    abstract protected function pieces(Item $item): array;

    /** What lies behind the letters, as an item of its own; null where nothing does. */
    protected function box(Item $item): ?Item
    {
        return null;
    }

    /** Where the item is hit, as path data in its own space. */
    protected function area(Item $item): string
    {
        [$w, $h] = [Length::text($item->frame->w), Length::text($item->frame->h)];

        return "M0 0H{$w}V{$h}H0Z";
    }

    protected function hit(Item $item, ?Item $box): Hit
    {
        return new Hit($this->area($item), true, $box === null ? 0.0 : Look::outline($box)->weight ?? 0.0);
    }

    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        $box = $this->box($item);
        $body = $defs = [];
        foreach ([...$box === null ? [] : [$this->boxPainter->paint(new Leaf($box))], ...$this->lettersPaintings($item, $box !== null)] as $painting) {
            array_push($body, ...$painting->body);
            foreach ($painting->defs as $def) {
                $defs[$def->attributes['id']] = $def;
            }
        }

        return new Painting($body, $this->hit($item, $box), [], array_values($defs));
    }

    public function path(Item $item): ?Path
    {
        $path = $this->outlines->of($this->pieces($item));

        return $path->subpaths === [] ? null : $path;
    }

    public function rule(Item $item): string
    {
        return 'nonzero';
    }

    /** Only what is in plain colours is written as words: of all else the outlines are. */
    public function words(Item $item): ?array
    {
        $box = $this->box($item);
        $colours = array_filter([Look::fill($item), ...array_map(static fn (PlacedPiece $placed): ?Fill => $placed->fill(), $this->pieces($item))]);
        if (array_filter($colours, static fn (Fill $fill): bool => ! $fill instanceof Colour) !== [] || ($box === null && Look::shadows($item) !== [])) {
            return null;
        }
        $behind = $box === null ? new Painting : $this->boxPainter->paint(new Leaf($box));

        // @phpstan-ignore return.type (a box is painted without letters)
        return [...$behind->defs, ...$behind->body, ...$this->words->elements($this->pieces($item), Look::fill($item))];
    }

    public function used(Item $item): array
    {
        return array_values(array_unique(array_map(static fn (PlacedPiece $placed): string => $placed->piece->style->font->key, $this->pieces($item))));
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        if ($item->number('opacity') <= 0) {
            return null;
        }
        $seen = array_filter($this->pieces($item), static fn (PlacedPiece $placed): bool => ! (($placed->fill() ?? Look::fill($item))?->isClear() ?? true));
        $box = $this->box($item);
        $boxInk = $box === null ? null : $this->boxPainter->ink(new Leaf($box), $toSpace);

        return Rect::unionOf(array_values(array_filter([$boxInk, $this->inkOf($item, array_values($seen), $toSpace)])));
    }

    /** @param  list<PlacedPiece>  $seen */
    protected function inkOf(Item $item, array $seen, Matrix $toSpace): ?Rect
    {
        return $this->outlines->box($seen, $toSpace);
    }

    /** @return list<Painting> the letters of each fill by themselves, in the order in which they come first */
    private function lettersPaintings(Item $item, bool $hasBox): array
    {
        $groups = [];
        foreach ($this->pieces($item) as $placed) {
            $fill = $placed->fill();
            $key = $fill === null ? '' : serialize($fill->stored());
            $groups[$key] ??= [$fill, []];
            $groups[$key][1][] = $placed;
        }
        $paintings = [];
        foreach ($groups as [$fill, $pieces]) {
            $letters = $item->withFields(['outline' => null, 'fill' => $fill ?? $item->fields['fill']] + ($hasBox ? ['shadow' => []] : []));
            $shape = Look::fill($letters) === null ? null : $this->shape($letters, $pieces);
            if ($shape !== null) {
                $paintings[] = (new Dressing($letters, $shape))->painting();
            }
        }

        return $paintings;
    }

    /** @param  list<PlacedPiece>  $pieces */
    private function shape(Item $item, array $pieces): ?Shape
    {
        $lines = [];
        foreach ($pieces as $placed) {
            $lines[] = $placed->letters();
            foreach ($placed->underline() as $corners) {
                $lines[] = new Element('path', ['d' => 'M'.implode('L', array_map(static fn (Point $p): string => self::pair($p), $corners)).'Z']);
            }
        }
        $lines = array_values(array_filter($lines));
        if ($lines === []) {
            return null;
        }

        return self::isPlain($item)
            ? new Shape(new Element('g', [], $lines), $this->area($item), letters: $this->around($item, $pieces))
            : Shape::ofPath(PathData::write($this->outlines->of($pieces), 4));
    }

    /** @param  list<PlacedPiece>  $pieces  @return Rect a box in which all letters lie */
    private function around(Item $item, array $pieces): Rect
    {
        $box = new Rect(0.0, 0.0, $item->frame->w, $item->frame->h);
        foreach ($pieces as $placed) {
            $size = 1.5 * $placed->piece->style->size + abs($placed->piece->width);
            $box = $box->union(Rect::between($placed->at->x - $size, $placed->at->y - $size, $placed->at->x + $size, $placed->at->y + $size));
        }

        return $box;
    }

    /** Whether glyphs can be painted one by one: an edge is that of all of them. */
    private static function isPlain(Item $item): bool
    {
        return array_filter(Look::shadows($item), static fn (Shadow $shadow): bool => $shadow->inner || $shadow->spread !== 0.0) === [];
    }
}
