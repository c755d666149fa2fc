<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Field\ColourField;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\OutlineField;
use AllSquare\Core\Item\Item;

/** Fill, outline, corners and opacity: the fields that kinds share, and what they come to. */
final class Look
{
    private const FILL = '#rrggbb, or null for none; for a text, the colour of its letters';

    /** @param  string|null  $default  #rrggbb */
    public static function fillField(?string $default): ColourField
    {
        return new ColourField('fill', 'the fill', 'Fill', 'fill', $default === null ? null : Colour::of($default), self::FILL);
    }

    /** The fill of letters: there always is one, so that they can be read. */
    public static function lettersField(string $default): ColourField
    {
        return new ColourField('fill', 'the fill', 'Letters', 'fill', Colour::of($default), self::FILL, mayBeNone: false);
    }

    /** @param  string|null  $default  #rrggbb of an outline of 1 px; null for none */
    public static function outlineField(?string $default = null): OutlineField
    {
        return new OutlineField('outline', $default === null ? null : new Outline(Colour::of($default), 1.0));
    }

    public static function radiusField(): NumberField
    {
        return NumberField::length('radius', 'the radius of the corners', 'Corners', 'radius', FieldGroup::Look, 0.0, 0.0, 10_000.0, 'of the corners, px', scales: true);
    }

    public static function opacityField(): NumberField
    {
        return NumberField::share('opacity', 'the opacity', 'Opacity', 'opacity', FieldGroup::Look, 1.0, '');
    }

    public static function fill(Item $item): ?Colour
    {
        $fill = $item->fields['fill'] ?? null;

        return $fill instanceof Colour ? $fill : null;
    }

    /** The outline, if it is painted: its weight is above 0. */
    public static function outline(Item $item): ?Outline
    {
        $outline = $item->fields['outline'] ?? null;

        return $outline instanceof Outline && $outline->weight > 0 ? $outline : null;
    }

    /** Half the outline's weight: how far it reaches past the frame. It lies astride the edge. */
    public static function reach(Item $item): float
    {
        return (self::outline($item)->weight ?? 0.0) / 2;
    }

    /** @return array<string, string> fill and outline as attributes of SVG (SVG 2, chapter 13) */
    public static function attributes(Item $item): array
    {
        $outline = self::outline($item);

        return ['fill' => self::fill($item)->hex ?? 'none'] + ($outline === null ? [] : ['stroke' => $outline->colour->hex, 'stroke-width' => Length::text($outline->weight)]);
    }

    public static function paintsNothing(Item $item): bool
    {
        return $item->number('opacity') <= 0 || (self::fill($item) === null && self::outline($item) === null);
    }
}
