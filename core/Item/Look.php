<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Geometry\Length;

/** Fill and outline of an item as SVG attributes. */
final class Look
{
    public static function fill(Item $item): ?string
    {
        $fill = $item->props['fill'] ?? null;

        return is_string($fill) ? $fill : null;
    }

    /** @return array{colour: string, weight: float}|null weight in px, above 0 */
    public static function outline(Item $item): ?array
    {
        $outline = $item->props['outline'] ?? null;
        if (! is_array($outline) || ! is_string($outline['colour'] ?? null) || ! is_float($outline['weight'] ?? null) || $outline['weight'] <= 0) {
            return null;
        }

        return ['colour' => $outline['colour'], 'weight' => $outline['weight']];
    }

    /** Half the outline's weight: how far it reaches past the frame. It lies astride the edge. */
    public static function reach(Item $item): float
    {
        return (self::outline($item)['weight'] ?? 0.0) / 2;
    }

    public static function attributes(Item $item): string
    {
        $text = " fill='".(self::fill($item) ?? 'none')."'";
        $outline = self::outline($item);
        if ($outline !== null) {
            $text .= sprintf(" stroke='%s' stroke-width='%s'", $outline['colour'], Length::text($outline['weight']));
        }

        return $text;
    }

    public static function paintsNothing(Item $item): bool
    {
        return $item->number('opacity') <= 0 || (self::fill($item) === null && self::outline($item) === null);
    }
}
