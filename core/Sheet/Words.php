<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\NamedAfterOthers;

/** How items and figures are said in the lines of the history and in errors. */
final class Words
{
    private const NAMED = 3;

    private const LISTED = 6;

    /**
     * Several items by what they are: "4 boxes", "3 items", and "3 cards" where their names all begin "Card, ".
     * One item by its name.
     *
     * @param  list<string>  $ids
     */
    public static function of(Draft $draft, array $ids): string
    {
        $items = array_map($draft->item(...), $ids);
        if (count($items) === 1) {
            return self::quoted($items[0]);
        }

        return count($items).' '.($items === [] ? 'items' : self::noun($items));
    }

    /** @param  non-empty-list<Item>  $items */
    private static function noun(array $items): string
    {
        $kinds = array_unique(array_map(static fn (Item $item): string => $item->kind->noun(2), $items));
        if ($items[0]->kind instanceof NamedAfterOthers) {
            return $kinds[0];
        }
        $stems = array_unique(array_map(
            static fn (Item $item): string => preg_match('/^(\p{L}+),\s/u', $item->name, $found) === 1 ? mb_strtolower($found[1]) : '',
            $items,
        ));
        if (count($stems) === 1 && $stems[0] !== '') {
            return preg_match('/(s|x|ch|sh)$/', $stems[0]) === 1 ? $stems[0].'es' : $stems[0].'s';
        }

        return count($kinds) === 1 ? $kinds[0] : 'items';
    }

    public static function quoted(Item $item): string
    {
        return '"'.mb_strimwidth($item->name, 0, 40, '…').'"';
    }

    /**
     * The first few by name, the rest by count.
     *
     * @param  list<string>  $ids
     */
    public static function list(Draft $draft, array $ids): string
    {
        $names = array_map(static fn (string $id): string => self::quoted($draft->item($id)), array_slice($ids, 0, self::NAMED));
        $more = count($ids) - count($names);
        if ($more > 0) {
            return implode(', ', $names)." and $more more";
        }
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." and $last";
    }

    /**
     * "24", "24, 24, 25" or, of many, "19 to 31".
     *
     * @param  list<float>  $figures
     */
    public static function figures(array $figures): string
    {
        $texts = array_map(Spoken::length(...), $figures);
        if ($figures === []) {
            return 'none';
        }
        if (count(array_unique($texts)) === 1) {
            return $texts[0];
        }

        return count($texts) <= self::LISTED
            ? implode(', ', $texts)
            : Spoken::length(min($figures)).' to '.Spoken::length(max($figures));
    }

    public static function px(float $length): string
    {
        return Spoken::withUnit($length);
    }
}
