<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Table;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Dressing;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\WritesWords;
use AllSquare\Core\Item\Text\PlacedPiece;
use AllSquare\Core\Item\Text\TextOutlines;
use AllSquare\Core\Item\Text\WordPainter;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Path\Stroke;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Table\TableLines;
use AllSquare\Core\Text\FontLibrary;

/** Paints a table: what lies behind it and its cells, its rules and brackets, and its words, those of a row and style in one line of glyphs. */
final class TablePainter extends Painter implements WritesWords
{
    private readonly TextOutlines $outlines;

    public function __construct(private readonly FontLibrary $fonts)
    {
        $this->outlines = new TextOutlines($fonts);
    }

    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        $layout = TableSetting::layout($item, $this->fonts);
        $behind = $this->behind($item, $layout);
        $body = $behind->body;
        $defs = array_column(array_map(static fn (Element $def): array => [$def->attributes['id'], $def], $behind->defs), 1, 0);
        foreach (self::lettersPaintings($item, $layout) as $painting) {
            array_push($body, ...$painting->body);
            foreach ($painting->defs as $def) {
                $defs[$def->attributes['id']] = $def;
            }
        }

        return (new Painting($body, new Hit(self::area($item), true), [], array_values($defs)))->divided($layout->edges());
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        if ($item->number('opacity') <= 0) {
            return null;
        }
        $layout = TableSetting::layout($item, $this->fonts);
        $table = $layout->table;
        $frame = new Rect(0.0, 0.0, $item->frame->w, $item->frame->h);
        $covers = self::ground($item) !== null || (isset($table->rules['outside']) && $table->brackets->shape === 'none');
        $boxes = $covers ? [$toSpace->bounds($frame)] : $this->linesInk($layout, $toSpace);
        foreach ($covers ? [] : self::grounds($layout) as $path) {
            $boxes[] = PathData::read($path)->mapped($toSpace->apply(...))->bounds();
        }
        $isUpright = Angle::isQuarter($toSpace->angle);
        $known = $isUpright ? Rect::unionOf(array_values(array_filter($boxes))) : null;
        $sure = $covers ? $frame : ($known === null ? null : $toSpace->inverse()->bounds($known));
        foreach ($layout->placed() as $cell) {
            $font = $cell->style->letters->font;
            $scale = $cell->style->letters->scale();
            $size = $cell->style->letters->size;
            foreach ($cell->lines as $i => $line) {
                [$left, $baseline] = [$cell->lefts[$i], $cell->baseline + $i * $cell->leading];
                // Most lie within what is known to be painted, however their letters are shaped.
                $around = new Rect($left - $size, $baseline - 1.5 * $size, $line->width + 2 * $size, 2.5 * $size);
                if ($sure?->contains($around) === true) {
                    continue;
                }
                $box = $line->box($font);
                if ($box === null || (($cell->style->letters->paint instanceof Fill ? $cell->style->letters->paint : Look::fill($item))?->isClear() ?? true)) {
                    continue;
                }
                $own = new Rect($left + $box->x * $scale, $baseline + $box->y * $scale, $box->w * $scale, $box->h * $scale);
                if (! $covers || ! $frame->contains($own)) {
                    $boxes[] = $isUpright && $line->piece?->style->underline !== true ? $toSpace->bounds($own) : $this->outlines->box(TableSetting::pieces($cell), $toSpace);
                }
            }
        }

        return Rect::unionOf(array_values(array_filter($boxes)));
    }

    public function words(Item $item): ?array
    {
        $layout = TableSetting::layout($item, $this->fonts);
        $fill = Look::fill($item);
        $pieces = $this->pieces($layout);
        foreach ([$fill, ...array_map(static fn (PlacedPiece $placed): ?Fill => $placed->fill(), $pieces)] as $one) {
            if ($one !== null && ! $one instanceof Colour) {
                return null;
            }
        }
        $behind = $this->behind($item, $layout);

        // @phpstan-ignore return.type (nothing of it is letters)
        return [...$behind->defs, ...$behind->body, ...(new WordPainter)->elements($pieces, $fill)];
    }

    public function used(Item $item): array
    {
        $used = [];
        foreach (TableSetting::layout($item, $this->fonts)->placed() as $cell) {
            $used[$cell->style->letters->font->key] = true;
        }

        return array_map(strval(...), array_keys($used));
    }

    /** What is seen beneath its words. */
    private function behind(Item $item, TableLayout $layout): Painting
    {
        $body = $defs = [];
        $ground = self::ground($item);
        if ($ground !== null) {
            $box = $item->withFields(['fill' => $ground, 'outline' => null]);
            $painting = (new Dressing($box, new Shape(Element::box(new Rect(0.0, 0.0, $item->frame->w, $item->frame->h)), self::area($item))))->painting();
            [$body, $defs] = [$painting->body, $painting->defs];
        }
        foreach (self::grounds($layout) as $colour => $path) {
            $body[] = new Element('path', ['d' => $path, 'fill' => $colour]);
        }
        $lines = new TableLines($layout);
        foreach ($lines->rules() as [$rule, $path]) {
            $body[] = new Element('path', ['d' => $path, 'fill' => 'none', 'stroke' => Colour::read($rule->colour)?->css() ?? 'none', 'stroke-width' => Length::text($rule->weight)]
                + ($rule->dash === [] ? [] : ['stroke-dasharray' => implode(' ', array_map(Length::text(...), $rule->dash))]));
        }
        $brackets = $lines->brackets();
        if ($brackets !== '') {
            $body[] = new Element('path', ['d' => $brackets, 'fill' => 'none', 'stroke' => self::inkOf($item), 'stroke-width' => Length::text($layout->table->brackets->weight)]);
        }

        return new Painting($body, null, [], $defs);
    }

    /** @return list<Painting> the letters of each fill by themselves */
    private static function lettersPaintings(Item $item, TableLayout $layout): array
    {
        $lettering = new TableLettering($layout);
        $paintings = [];
        foreach ($lettering->fills as $key => $fill) {
            $inside = $lettering->of($key);
            $letters = $item->withFields(['outline' => null, 'shadow' => [], 'fill' => $fill ?? $item->fields['fill']]);
            if ($inside !== [] && Look::fill($letters) !== null) {
                $paintings[] = (new Dressing($letters, new Shape(new Element('g', [], $inside), self::area($item), letters: new Rect(0.0, 0.0, $item->frame->w, $item->frame->h))))->painting();
            }
        }

        return $paintings;
    }

    /**
     * What lies behind cells, by colour; cells beside each other in one piece.
     *
     * @return array<string, string> path data by colour as CSS has it
     */
    private static function grounds(TableLayout $layout): array
    {
        if (! $layout->table->hasGrounds()) {
            return [];
        }
        $paths = [];
        $colours = [];
        $joins = $layout->table->gaps[0] === 0.0;
        foreach ($layout->table->cells as $r => $row) {
            $run = null;
            foreach ($row as $c => $cell) {
                $ground = $layout->isCovered($r, $c) ? null : $layout->styles->of($r, $c)->ground;
                if ($ground === null) {
                    $run = null;

                    continue;
                }
                $colour = $colours[json_encode($ground)] ??= Colour::read($ground)?->css() ?? '';
                $box = $cell->isSpan() ? $layout->box($r, $c) : new Rect($layout->lefts[$c], $layout->tops[$r], $layout->widths[$c], $layout->heights[$r]);
                if ($colour === '') {
                    continue;
                }
                if ($joins && $run !== null && $run[0] === $colour && $run[1]->bottom() === $box->bottom()) {
                    array_pop($paths[$colour]);
                    $box = $run[1]->union($box);
                }
                $run = [$colour, $box];
                $paths[$colour][] = $box;
            }
        }

        return array_map(static fn (array $boxes): string => implode('', array_map(static function (Rect $box): string {
            [$left, $top, $right, $bottom] = array_map(Length::text(...), [$box->x, $box->y, $box->right(), $box->bottom()]);

            return "M$left {$top}H{$right}V{$bottom}H{$left}Z";
        }, $boxes)), $paths);
    }

    /** @return list<Rect|null> */
    private function linesInk(TableLayout $layout, Matrix $toSpace): array
    {
        $lines = new TableLines($layout);
        $boxes = [];
        foreach ([...$lines->rules(), [null, $lines->brackets()]] as [$rule, $path]) {
            if ($path !== '') {
                $boxes[] = (new Stroke(($rule->weight ?? $layout->table->brackets->weight) / 2))->bounds(PathData::read($path)->mapped($toSpace->apply(...)));
            }
        }

        return $boxes;
    }

    /** @return list<PlacedPiece> */
    private function pieces(TableLayout $layout): array
    {
        $pieces = [];
        foreach ($layout->placed() as $cell) {
            array_push($pieces, ...TableSetting::pieces($cell));
        }

        return $pieces;
    }

    private static function ground(Item $item): ?Fill
    {
        $ground = $item->fields['box_fill'] ?? null;

        return $ground instanceof Fill && ! $ground->isClear() ? $ground : null;
    }

    /** Of what brackets are drawn in: the colour of its letters. */
    private static function inkOf(Item $item): string
    {
        $fill = Look::fill($item);

        return $fill instanceof Colour ? $fill->css() : '#20302d';
    }

    private static function area(Item $item): string
    {
        [$w, $h] = [Length::text($item->frame->w), Length::text($item->frame->h)];

        return "M0 0H{$w}V{$h}H0Z";
    }
}
