<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look;
use AllSquare\Core\Item\Text\WordPainter;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontFaces;
use AllSquare\Core\Text\FontLibrary;

/** Puts the paintings of items together into one SVG: a whole sheet, or a part of it. */
final readonly class SheetPainter
{
    /**
     * @param  array<string, string>  $paintings  by item id, as their painters made them
     * @param  array<string, Rect>  $painted  the box each item paints, by id; what does not meet the view is left out
     */
    public function __construct(private FontLibrary $fonts, private Tree $tree, private array $paintings, private array $painted)
    {
    }

    /**
     * A part of the sheet for the rasteriser, shifted by whole px of the picture.
     *
     * @param  Rect  $area  px of the sheet
     * @param  float  $factor  px of the picture to one px of the sheet
     * @param  array{int, int}  $pixels  width and height of the picture
     * @param  string|null  $background  #rrggbb, or null for a clear one
     * @param  list<string>|null  $only  ids of the items that are painted, with what is in them; null for all
     */
    public function picture(Rect $area, float $factor, array $pixels, ?string $background, ?array $only = null): string
    {
        [$left, $top] = [Length::whole($area->x * $factor), Length::whole($area->y * $factor)];
        // All that a pixel of the picture touches, which may reach past the area where that does not lie on whole pixels.
        $view = new Rect(($left - 1) / $factor, ($top - 1) / $factor, ($pixels[0] + 2) / $factor, ($pixels[1] + 2) / $factor);
        $body = $this->children(null, $view, $only);

        return sprintf(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%d' height='%d'>%s%s<g transform='matrix(%s 0 0 %s %s %s)'>%s</g></svg>\n",
            $pixels[0],
            $pixels[1],
            Lettering::outlines($this->fonts, $body),
            $background === null ? '' : sprintf("<rect width='%d' height='%d' fill='%s'/>", $pixels[0], $pixels[1], $background),
            self::exact($factor),
            self::exact($factor),
            self::exact(-$left),
            self::exact(-$top),
            $body,
        );
    }

    /**
     * A part of the sheet as a drawing that fits every size.
     *
     * @param  Rect  $area  px of the sheet
     * @param  array{string, string}  $size  its width and height, with their unit where that is not px
     * @param  string|null  $background  #rrggbb, or null for a clear one
     * @param  list<string>|null  $only  ids of the items that are painted, with what is in them; null for all
     * @param  FontFaces|null  $faces  where texts are to stay texts, with their fonts
     */
    public function drawing(Rect $area, array $size, ?string $background, ?array $only = null, ?FontFaces $faces = null): string
    {
        $words = $faces === null ? null : new WordPainter($this->fonts);
        $body = $this->children(null, $area, $only, $words);
        $box = array_map(Length::text(...), array_values($area->toArray()));

        return sprintf(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%s' height='%s' viewBox='%s' preserveAspectRatio='none'>%s%s%s%s</svg>\n",
            $size[0],
            $size[1],
            implode(' ', $box),
            $words === null || $faces === null ? '' : $this->style($faces, $words, $area, $only),
            Lettering::outlines($this->fonts, $body),
            $background === null ? '' : vsprintf("<rect x='%s' y='%s' width='%s' height='%s' fill='%s'/>", [...$box, $background]),
            $body,
        );
    }

    /** The whole sheet without anything around it, for a drawing in its space; glyphs are left as references. */
    public function body(): string
    {
        return $this->children(null, new Rect(-1e7, -1e7, 2e7, 2e7), null);
    }

    /** @param  list<string>|null  $only */
    private function children(?string $parent, Rect $view, ?array $only, ?WordPainter $words = null): string
    {
        $body = '';
        foreach ($this->tree->children($parent) as $item) {
            if ($item->hidden || $item->reference || (isset($this->painted[$item->id]) && ! $this->painted[$item->id]->meets($view))) {
                continue;
            }
            $isTaken = $only === null || in_array($item->id, $only, true);
            $inside = match (true) {
                $item->kind->holdsItems() => $this->children($item->id, $view, $isTaken ? null : $only, $words),
                ! $isTaken => '',
                $words !== null && $item->kind->name() === 'text' => $words->svg($item),
                default => $this->paintings[$item->id] ?? '',
            };
            if ($inside !== '') {
                $body .= sprintf("<g transform='%s'%s>%s</g>", $item->toParent()->toSvg(), $this->opacity($item), $inside);
            }
        }

        return $body;
    }

    /** @param  list<string>|null  $only */
    private function style(FontFaces $faces, WordPainter $words, Rect $area, ?array $only): string
    {
        $used = [];
        foreach ($this->tree->inOrder() as $id) {
            $item = $this->tree->item($id);
            $isTaken = $only === null || array_filter($only, fn (string $taken): bool => $taken === $id || $this->tree->isWithin($id, $taken)) !== [];
            if ($item->kind->name() === 'text' && $isTaken && ! $this->tree->isHidden($id) && ($this->painted[$id] ?? $area)->meets($area)) {
                foreach ($words->used($item) as $key => $codePoints) {
                    $used[$key] = [...$used[$key] ?? [], ...$codePoints];
                }
            }
        }
        ksort($used);

        return $used === [] ? '' : '<style>'.$faces->css($used).'</style>';
    }

    /** A shape that is only filled, or only outlined, needs no picture of its own to be seen through. */
    private function opacity(Item $item): string
    {
        $opacity = $item->number('opacity');
        $name = match (true) {
            $item->kind->holdsItems() || $item->kind->name() === 'text' => 'opacity',
            Look::outline($item) === null => 'fill-opacity',
            Look::fill($item) === null => 'stroke-opacity',
            default => 'opacity',
        };

        return $opacity >= 1.0 ? '' : " $name='".Length::text($opacity)."'";
    }

    /** Factors and shifts to the last digit: what is shifted by whole px stays on them. */
    private static function exact(float $value): string
    {
        return Length::digits($value, 12);
    }
}
