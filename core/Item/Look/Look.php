<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\FillField;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\OutlineField;
use AllSquare\Core\Item\Field\ShadowsField;
use AllSquare\Core\Item\Item;

/** Fill, outline, shadow, corners and opacity: the fields that kinds share, and what they come to. */
final class Look
{
    private const FILL = 'a colour, a gradient, a pattern, or null for none; for a text, that of its letters';

    /** @param  string|null  $default  #rrggbb */
    public static function fillField(?string $default): FillField
    {
        return new FillField('fill', 'the fill', 'Fill', 'fill', $default === null ? null : Colour::of($default), self::FILL);
    }

    /** The fill of letters: there always is one, so that they can be read. */
    public static function lettersField(string $default): FillField
    {
        return new FillField('fill', 'the fill', 'Letters', 'fill', Colour::of($default), self::FILL, mayBeNone: false);
    }

    /** The fill of the box round a text; its outline and its corners are those of the text. */
    public static function boxFillField(): FillField
    {
        return new FillField('box_fill', 'the fill of the box', 'Box', 'fill', null, 'of the box round the words: a colour, a gradient, a pattern, or null for none');
    }

    /** @param  string|null  $default  #rrggbb of an outline of 1 px; null for none */
    public static function outlineField(?string $default = null): OutlineField
    {
        return new OutlineField('outline', $default === null ? null : new Outline(Colour::of($default), 1.0));
    }

    public static function shadowField(): ShadowsField
    {
        return new ShadowsField('shadow');
    }

    public static function radiusField(): NumberField
    {
        return NumberField::length('radius', 'the radius of the corners', 'Corners', 'radius', FieldGroup::Look, 0.0, 0.0, 10_000.0, 'of the corners, px', scales: true);
    }

    public static function opacityField(): NumberField
    {
        return NumberField::share('opacity', 'the opacity', 'Opacity', 'opacity', FieldGroup::Look, 1.0, '');
    }

    public static function fill(Item $item): ?Fill
    {
        $fill = $item->fields['fill'] ?? null;

        return $fill instanceof Fill && ! $fill->isClear() ? $fill : null;
    }

    /** The outline, if it is painted: its weight is above 0. */
    public static function outline(Item $item): ?Outline
    {
        $outline = $item->fields['outline'] ?? null;

        return $outline instanceof Outline && $outline->weight > 0 && ! $outline->fill->isClear() ? $outline : null;
    }

    /** @return list<Shadow> the uppermost first */
    public static function shadows(Item $item): array
    {
        return ShadowsField::of($item->fields['shadow'] ?? null);
    }

    /**
     * How far the outline reaches past the edge: half its weight where it lies astride.
     *
     * @param  bool  $hasNoSides  whether the edge does not go all the way round, so that it lies astride in any case
     */
    public static function reach(Item $item, bool $hasNoSides = false): float
    {
        $outline = self::outline($item);

        return $outline === null ? 0.0 : $outline->weight * match ($hasNoSides ? 'centre' : $outline->side) {
            'inside' => 0.0,
            'outside' => 1.0,
            default => 0.5,
        };
    }

    public static function paintsNothing(Item $item): bool
    {
        return $item->number('opacity') <= 0 || (self::fill($item) === null && self::outline($item) === null);
    }

    /**
     * What is painted of an item with its shadows, which are no ink.
     *
     * @param  Rect  $ink  in some space
     * @param  Matrix  $toSpace  from what the item paints itself to that space
     */
    public static function withShadows(Item $item, Rect $ink, Matrix $toSpace): Rect
    {
        $boxes = [$ink];
        foreach (self::shadows($item) as $shadow) {
            if (! $shadow->inner) {
                $by = $toSpace->applyToDistance(new Point($shadow->dx, $shadow->dy));
                $reach = $shadow->reach();
                $boxes[] = new Rect($ink->x + $by->x - $reach, $ink->y + $by->y - $reach, $ink->w + 2 * $reach, $ink->h + 2 * $reach);
            }
        }

        return Rect::unionOf($boxes) ?? $ink;
    }
}
