<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\SetsLines;

/** The texts of a sheet, and how they stand above one another. */
final class Texts
{
    /** @return list<Item> that are seen and say something, back to front */
    public static function of(Looked $at): array
    {
        return array_values(array_filter($at->leaves(), static fn (Item $item): bool => $item->kind instanceof HasWords && trim($item->kind->words($item)) !== '' && isset($item->fields['size'])));
    }

    /** @return list<Item> of these, those whose words stand in lines */
    public static function inLines(Looked $at): array
    {
        return array_values(array_filter(self::of($at), static fn (Item $item): bool => $item->kind instanceof SetsLines));
    }

    /**
     * Texts with nothing but texts between them, downwards.
     *
     * @return array<string, array{string, float}> by the id of the upper one: the lower one, and the gap between them, px
     */
    public static function below(Looked $at): array
    {
        $is = [];
        foreach (self::inLines($at) as $item) {
            $is[$item->id] = $item;
        }
        $below = [];
        foreach ($at->ledger()->gaps as $gap) {
            if ($gap->axis === Axis::Y && isset($is[$gap->a], $is[$gap->b]) && ($below[$gap->a][1] ?? INF) > $gap->size) {
                $below[$gap->a] = [$gap->b, $gap->size];
            }
        }

        return $below;
    }
}
