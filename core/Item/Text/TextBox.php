<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Item\Box\BoxKind;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;

/** The box round the words of a text. */
final class TextBox
{
    /** @return Item|null a box in its place, with its fill, its outline and its corners; null where it would not be seen */
    public static function of(Item $item): ?Item
    {
        if (! isset($item->fields['box_fill']) && ! isset($item->fields['outline'])) {
            return null;
        }
        $kind = new BoxKind;
        $defaults = $kind->fields()->defaults;
        $box = $item->with(['kind' => $kind, 'fields' => [...$defaults, ...array_intersect_key($item->fields, $defaults), 'fill' => $item->fields['box_fill'] ?? null]]);

        return Look::fill($box) === null && Look::outline($box) === null ? null : $box;
    }
}
