<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Clip;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Painting\WritesWords;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontFaces;
use AllSquare\Core\Text\FontLibrary;

/** Puts the paintings of items together into one SVG: a whole sheet, or a part of it. */
final readonly class SheetPainter
{
    private Painters $painters;

    /**
     * @param  array<string, Painting>  $paintings  by item id, as their painters made them
     * @param  array<string, Rect>  $painted  the box each item paints, by id; what does not meet the view is left out
     * @param  array<string, string>  $palette  the colours of swatches, by their keys
     * @param  PictureSource|null  $pictures  null where no pictures are written
     */
    public function __construct(private FontLibrary $fonts, private Tree $tree, private array $paintings, private array $painted, private array $palette = [], private ?PictureSource $pictures = null)
    {
        $this->painters = new Painters($fonts);
    }

    /** The same sheet as if this item painted nothing. */
    public function without(string $id): self
    {
        return new self($this->fonts, $this->tree, array_diff_key($this->paintings, [$id => true]), $this->painted, $this->palette, $this->pictures);
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
        $writer = new SvgWriter($this->palette, $this->pictures, $factor);
        $body = $writer->write($this->children(null, $view, $only));

        return sprintf(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%d' height='%d'>%s%s<g transform='matrix(%s 0 0 %s %s %s)'>%s</g></svg>\n",
            $pixels[0],
            $pixels[1],
            $writer->outlines($this->fonts),
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
     * @param  float  $factor  px that a px of it is seen with at most, for its pictures
     */
    public function drawing(Rect $area, array $size, ?string $background, ?array $only = null, ?FontFaces $faces = null, float $factor = INF): string
    {
        $writer = new SvgWriter($this->palette, $this->pictures, $factor);
        $body = $writer->write($this->children(null, $area, $only, $faces !== null));
        $box = array_map(Length::text(...), array_values($area->toArray()));

        return sprintf(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%s' height='%s' viewBox='%s' preserveAspectRatio='none'>%s%s%s%s</svg>\n",
            $size[0],
            $size[1],
            implode(' ', $box),
            $faces === null ? '' : $this->style($faces, $area, $only),
            $writer->outlines($this->fonts),
            $background === null ? '' : vsprintf("<rect x='%s' y='%s' width='%s' height='%s' fill='%s'/>", [...$box, $background]),
            $body,
        );
    }

    /** @return list<Element> the whole sheet without anything around it, for a drawing in its space */
    public function body(): array
    {
        return $this->children(null, new Rect(-1e7, -1e7, 2e7, 2e7), null);
    }

    /**
     * @param  list<string>|null  $only
     * @param  bool  $asWords  whether words are written as text, where they can be
     * @param  float  $turned  degrees clockwise by which the space of the parent is turned
     * @return list<Element>
     */
    private function children(?string $parent, Rect $view, ?array $only, bool $asWords = false, float $turned = 0.0): array
    {
        $painted = [];
        $mask = $this->tree->mask($parent);
        foreach ($this->tree->painted($parent) as $item) {
            if ($item->hidden || $item->id === $mask?->id || $item->reference || (isset($this->painted[$item->id]) && ! $this->painted[$item->id]->meets($view))) {
                continue;
            }
            $isTaken = $only === null || in_array($item->id, $only, true);
            $painting = UprightFilters::of($isTaken ? $this->paintings[$item->id] ?? new Painting : new Painting, $turned + $item->angle);
            $words = $isTaken && $asWords ? $this->words($item) : null;
            $inside = [
                ...$painting->defs,
                ...$this->mirrored($item, $words ?? $painting->body),
                ...$this->clipped($item, $painting->clip, $item->kind instanceof ShowsAsOne ? [] : $this->children($item->id, $view, $isTaken ? null : $only, $asWords, $turned + $item->angle)),
                ...$this->mirrored($item, $painting->over),
            ];
            if ($inside !== []) {
                $opacity = $item->number('opacity');
                $painted[] = new Element('g', ['transform' => $item->toParent()->toSvg()] + ($opacity >= 1.0 ? [] : [$painting->opacityAttribute() => Length::text($opacity)]), $inside);
            }
        }

        return $painted;
    }

    /**
     * What an item paints itself, in the mirror where it is flipped.
     *
     * @template T
     *
     * @param  list<T>  $elements
     * @return list<T|Element>
     */
    private function mirrored(Item $item, array $elements): array
    {
        // @phpstan-ignore argument.type (elements of a painting)
        return $elements === [] || $item->flip === Flip::None ? $elements : [new Element('g', ['transform' => $item->mirror()->toSvg()], $elements)];
    }

    /**
     * What an item holds, as far as it is seen.
     *
     * @param  list<Element>  $held
     * @return list<Element>
     */
    private function clipped(Item $item, ?Clip $clip, array $held): array
    {
        if ($clip === null || $held === []) {
            return $held;
        }

        $more = $item->flip === Flip::None ? [] : ['transform' => $item->mirror()->toSvg()];
        // By what it is and not by whose, so that the same sheet is the same drawing wherever it is kept.
        $id = 'clip-'.hash('xxh64', implode(' ', [...$clip->toArray(), ...$more]));

        return [$clip->element($id, $more), new Element('g', ['clip-path' => "url(#$id)"], $held)];
    }

    /** @return list<Element>|null */
    private function words(Item $item): ?array
    {
        $painter = $this->painters->of($item);

        return $painter instanceof WritesWords ? $painter->words($item) : null;
    }

    /** @param  list<string>|null  $only */
    private function style(FontFaces $faces, Rect $area, ?array $only): string
    {
        $used = [];
        foreach ($this->tree->inOrder() as $id) {
            $item = $this->tree->item($id);
            $painter = $this->painters->of($item);
            $isTaken = $only === null || array_filter($only, fn (string $taken): bool => $taken === $id || $this->tree->isWithin($id, $taken)) !== [];
            if ($painter instanceof WritesWords && $isTaken && ! $this->tree->isHidden($id) && ($this->painted[$id] ?? $area)->meets($area)) {
                array_push($used, ...$painter->used($item));
            }
        }
        $used = array_values(array_unique($used));
        sort($used);

        return $used === [] ? '' : '<style>'.$faces->css($used).'</style>';
    }

    /** Factors and shifts to the last digit: what is shifted by whole px stays on them. */
    private static function exact(float $value): string
    {
        return Length::digits($value, 12);
    }
}
