<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Equality;
use AllSquare\Core\Item\Item;

/** What a command did, as pairs of before and after; null before what was created, null after what was removed. */
final readonly class Change
{
    /**
     * @param  array<string, array{Item|null, Item|null}>  $items  by id
     * @param  array{Sheet, Sheet}|null  $sheet
     * @param  array<class-string<Belonging>, array<string, array{Belonging|null, Belonging|null}>>  $belongings  by sort and id; sorts in which nothing changed are left out
     */
    public function __construct(public array $items, public ?array $sheet, public array $belongings = [])
    {
    }

    /**
     * @template T of object
     *
     * @param  array<string, T>  $before  by id
     * @param  array<string, T>  $after
     * @return array<string, array{T|null, T|null}> those that are not as they were
     */
    public static function between(array $before, array $after): array
    {
        $found = [];
        foreach ($before + $after as $id => $_) {
            $was = $before[$id] ?? null;
            $is = $after[$id] ?? null;
            if (! Equality::of($was, $is)) {
                $found[$id] = [$was, $is];
            }
        }

        return $found;
    }

    public function isEmpty(): bool
    {
        return $this->items === [] && $this->belongings === [] && $this->sheet === null;
    }

    /** @return list<string> ids of items that are there now and were not, or are not as they were */
    public function touched(): array
    {
        return array_keys(array_filter($this->items, static fn (array $pair): bool => $pair[1] !== null));
    }

    /** @return list<string> ids of groups that only got another frame, so that what is in them stays where it is */
    public function refitted(): array
    {
        return array_map(strval(...), array_keys(array_filter(
            $this->items,
            static fn (array $pair): bool => $pair[0] !== null && $pair[1] !== null && $pair[1]->holdsItems() && $pair[0]->sharesSpaceWith($pair[1]),
        )));
    }

    /** @return list<string> ids of the groups that something was taken from, or was different in */
    public function formerParents(): array
    {
        $parents = [];
        foreach ($this->items as [$was]) {
            if ($was !== null && $was->parent !== null) {
                $parents[$was->parent] = $was->parent;
            }
        }

        return array_values($parents);
    }
}
