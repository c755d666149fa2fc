<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Look\Outline;
use AllSquare\Core\Item\Look\Paint;
use AllSquare\Core\Item\Look\Shadow;
use AllSquare\Core\Path\Dashes;
use AllSquare\Core\Path\PathData;

/**
 * Gives a shape its look as elements of SVG, back to front: shadows, fill, pattern, inner shadows, outline. One that is only filled
 * and outlined astride of its edge stays one element.
 */
final class Dressing
{
    private readonly ?Paint $fill;

    private readonly ?Outline $outline;

    private readonly ?Paint $line;

    /** @var array<string, string>|null */
    private ?array $room = null;

    /**
     * @param  Element|null  $picture  what is seen in it over its fill
     * @param  bool  $isCut  whether the picture is cut off at its edge
     */
    public function __construct(private readonly Item $item, private readonly Shape $shape, private readonly ?Element $picture = null, private readonly bool $isCut = false)
    {
        $this->outline = Look::outline($item);
        $paint = static fn (?Fill $fill): ?Paint => $fill?->paint($item->frame->w, $item->frame->h)->from($shape->origin->x ?? 0.0, $shape->origin->y ?? 0.0);
        $this->fill = $shape->isOpen ? null : $paint(Look::fill($item));
        $this->line = $paint($this->outline?->fill);
    }

    public function painting(): Painting
    {
        $shadows = $this->fill === null && $this->outline === null && $this->picture === null ? [] : Look::shadows($this->item);
        $defs = [...$this->fill->defs ?? [], ...$this->line->defs ?? []];
        $body = [];
        foreach (array_reverse($shadows) as $shadow) {
            $body[] = $shadow->inner ? null : $this->shadow($shadow, $defs);
        }
        $inner = $this->shape->isOpen ? [] : array_filter($shadows, static fn (Shadow $shadow): bool => $shadow->inner);
        $marks = $this->fill->marks ?? [];
        if ($this->shape->letters !== null && $this->fill !== null && ($marks !== [] || str_starts_with($this->fill->value, 'url('))) {
            $body[] = $this->stencilled($this->fill, $defs);
        } elseif ($marks === [] && $inner === [] && $this->picture === null && $this->outlineIsPlain()) {
            $body[] = $this->element(['fill' => $this->fill->value ?? 'none'] + $this->strokeAttributes($this->line->value ?? ''));
        } else {
            $body[] = $this->fill === null ? null : $this->element(['fill' => $this->fill->value]);
            $body[] = $marks === [] ? null : $this->clipped($marks, $defs);
            $body[] = $this->picture !== null && $this->isCut ? $this->clipped([$this->picture], $defs) : $this->picture;
            foreach (array_reverse($inner) as $shadow) {
                $body[] = $this->innerShadow($shadow, $defs);
            }
            array_push($body, ...$this->outline === null ? [] : $this->line($this->outline, $this->line->value ?? '', $defs));
        }

        return new Painting(
            array_values(array_filter($body)),
            new Hit($this->shape->path, $this->isFilled(), $this->outline->weight ?? 0.0),
            [],
            array_values(array_column(array_map(static fn (Element $def): array => [$def->attributes['id'], $def], $defs), 1, 0)),
        );
    }

    /**
     * A fill that is that of all letters together, seen through them.
     *
     * @param  list<Element>  $defs
     */
    private function stencilled(Paint $fill, array &$defs): Element
    {
        $stencil = new Element('mask', ['maskUnits' => 'userSpaceOnUse'] + $this->room(), [$this->element(['fill' => '#ffffff'])]);
        $ground = $fill->value === 'none' ? [] : [new Element('rect', $this->room() + ['fill' => $fill->value])];

        return new Element('g', ['mask' => $this->reference($stencil, $defs)], [...$ground, ...$fill->marks]);
    }

    private function isFilled(): bool
    {
        return $this->fill !== null || $this->picture !== null;
    }

    /** Whether it can be an attribute of the shape itself. */
    private function outlineIsPlain(): bool
    {
        return $this->outline === null || (! $this->outline->fitted && ! $this->outlineIsAside());
    }

    /** @return array<string, string> (SVG 2, section 13.5) */
    private function strokeAttributes(string $value, float $more = 0.0): array
    {
        $outline = $this->outline;

        return $outline === null ? [] : ['stroke' => $value, 'stroke-width' => Length::text($outline->weight * ($this->outlineIsAside() ? 2 : 1) + $more)]
            + ($outline->dash === [] ? [] : ['stroke-dasharray' => implode(' ', array_map(Length::text(...), $outline->dash))])
            + ($outline->ends === 'butt' ? [] : ['stroke-linecap' => $outline->ends])
            + ($outline->joins === 'miter' ? [] : ['stroke-linejoin' => $outline->joins]);
    }

    private function outlineIsAside(): bool
    {
        return $this->outline !== null && $this->shape->hasSides && $this->outline->side !== 'centre';
    }

    /**
     * The outline by itself. Inside or outside it is twice as heavy, and cut off at the edge.
     *
     * @param  list<Element>  $defs  what is referred to is added
     * @return list<Element>
     */
    private function line(Outline $outline, string $value, array &$defs): array
    {
        $attributes = ['fill' => 'none'] + $this->strokeAttributes($value);
        $lines = [$this->element($attributes)];
        if ($outline->fitted && $outline->dash !== []) {
            $lines = [];
            foreach (PathData::read($this->shape->path)->subpaths as $subpath) {
                $dashes = Dashes::fitted($subpath, $outline->dash);
                $lines[] = new Element('path', ['d' => PathData::write($dashes->along, 4)] + [...$attributes, 'stroke-dasharray' => implode(' ', array_map(static fn (float $length): string => Length::digits($length, 4), $dashes->lengths))]);
            }
        }
        if (! $this->outlineIsAside()) {
            return $lines;
        }

        return $outline->side === 'inside'
            ? [$this->clipped($lines, $defs)]
            : [new Element('g', ['mask' => $this->reference($this->outside(0.0), $defs)], $lines)];
    }

    /** @param  array<string, string>  $look */
    private function element(array $look): Element
    {
        return new Element($this->shape->element->name, $this->shape->element->attributes + $look, $this->shape->element->inside);
    }

    /**
     * @param  list<Element>  $elements
     * @param  list<Element>  $defs
     */
    private function clipped(array $elements, array &$defs): Element
    {
        $clip = new Element('clipPath', [], [new Element('path', ['d' => $this->shape->path] + ($this->shape->rule === 'nonzero' ? [] : ['clip-rule' => $this->shape->rule]))]);

        return new Element('g', ['clip-path' => $this->reference($clip, $defs)], $elements);
    }

    /**
     * Everything but the shape, as a mask.
     *
     * @param  float  $less  px by which the hole is smaller than the shape
     */
    private function outside(float $less): Element
    {
        $hole = $this->element(['fill' => '#000000'] + ($less > 0.0 ? ['stroke' => '#ffffff', 'stroke-width' => Length::text(2 * $less)] : []));

        return new Element('mask', ['maskUnits' => 'userSpaceOnUse'] + $this->room(), [new Element('rect', $this->room() + ['fill' => '#ffffff']), $hole]);
    }

    /**
     * A shadow is the shape in its colour, larger by its spread, shifted and blurred.
     *
     * @param  list<Element>  $defs
     */
    private function shadow(Shadow $shadow, array &$defs): ?Element
    {
        $colour = $shadow->colour->css();
        if (! $this->isFilled()) {
            $lines = $this->outlineIsAside() && $this->outline !== null
                ? $this->line($this->outline, $colour, $defs)
                : [$this->element(['fill' => 'none'] + $this->strokeAttributes($colour, max(-($this->outline->weight ?? 0.0), 2 * $shadow->spread)))];

            return $this->thrown($lines, $shadow, $defs);
        }
        $more = Look::reach($this->item, ! $this->shape->hasSides) + $shadow->spread;
        $throws = $this->element(['fill' => $colour] + ($more > 0.0 ? ['stroke' => $colour, 'stroke-width' => Length::text(2 * $more)] + ($this->outline === null || $this->outline->joins === 'miter' ? [] : ['stroke-linejoin' => $this->outline->joins]) : []));
        if ($more > 0.0 && ! $shadow->colour->isOpaque()) {
            // Fill and outline would be seen twice where they lie over each other.
            $mask = new Element('mask', ['maskUnits' => 'userSpaceOnUse'] + $this->room(), [$this->element(['fill' => '#ffffff', 'stroke' => '#ffffff', 'stroke-width' => Length::text(2 * $more)])]);
            $throws = new Element('rect', $this->room() + ['fill' => $colour, 'mask' => $this->reference($mask, $defs)]);
        }
        if ($more < 0.0) {
            $mask = new Element('mask', ['maskUnits' => 'userSpaceOnUse'] + $this->room(), [$this->element(['fill' => '#ffffff', 'stroke' => '#000000', 'stroke-width' => Length::text(-2 * $more)])]);
            $throws = new Element('g', ['mask' => $this->reference($mask, $defs)], [$throws]);
        }

        return $this->thrown([$throws], $shadow, $defs);
    }

    /** @param  list<Element>  $defs */
    private function innerShadow(Shadow $shadow, array &$defs): ?Element
    {
        $edge = new Element('rect', $this->room() + ['fill' => $shadow->colour->css(), 'mask' => $this->reference($this->outside(max(0.0, $shadow->spread)), $defs)]);
        $thrown = $this->thrown([$edge], $shadow, $defs);

        return $thrown === null ? null : $this->clipped([$thrown], $defs);
    }

    /**
     * Shifted and blurred: the standard deviation is half the blur (CSS Backgrounds 3, section 7.1.1).
     *
     * @param  list<Element>  $elements
     * @param  list<Element>  $defs
     */
    private function thrown(array $elements, Shadow $shadow, array &$defs): ?Element
    {
        if ($shadow->colour->isClear()) {
            return null;
        }
        $place = $shadow->dx === 0.0 && $shadow->dy === 0.0 ? [] : ['transform' => 'translate('.Length::text($shadow->dx).' '.Length::text($shadow->dy).')'];
        if ($shadow->blur <= 0.0) {
            return new Element('g', $place, $elements);
        }
        $filter = new Element('filter', ['filterUnits' => 'userSpaceOnUse'] + $this->room() + ['color-interpolation-filters' => 'sRGB'], [new Element('feGaussianBlur', ['stdDeviation' => Length::digits($shadow->blur / 2, 4)])]);

        return new Element('g', $place + ['filter' => $this->reference($filter, $defs)], $elements);
    }

    /** @return array<string, string> a box in which there is room for all of it, to whole px */
    private function room(): array
    {
        return $this->room ??= $this->roomAround($this->shape->letters ?? PathData::read($this->shape->path)->bounds());
    }

    /** @return array<string, string> */
    private function roomAround(?Rect $bounds): array
    {
        $reach = 8.0;
        foreach (Look::shadows($this->item) as $shadow) {
            $reach = max($reach, 1.5 * $shadow->blur + 4 * abs($shadow->spread) + hypot($shadow->dx, $shadow->dy) + 8.0);
        }
        $reach = ceil($reach + 4 * ($this->outline->weight ?? 0.0));
        [$left, $top] = [floor(min(0.0, $bounds->x ?? 0.0)), floor(min(0.0, $bounds->y ?? 0.0))];
        [$right, $bottom] = [ceil(max($this->item->frame->w, $bounds?->right() ?? 0.0)), ceil(max($this->item->frame->h, $bounds?->bottom() ?? 0.0))];

        return ['x' => Length::text($left - $reach), 'y' => Length::text($top - $reach), 'width' => Length::text($right - $left + 2 * $reach), 'height' => Length::text($bottom - $top + 2 * $reach)];
    }

    /** @param  list<Element>  $defs  the element is added to */
    private function reference(Element $element, array &$defs): string
    {
        $defs[] = $named = Paint::named($element);

        return "url(#{$named->attributes['id']})";
    }
}
