<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Item;

/** What a command did, as pairs of before and after; null before what was created, null after what was removed. */
final readonly class Change
{
    /**
     * @param  array<string, array{Item|null, Item|null}>  $items  by id
     * @param  array<string, array{Slice|null, Slice|null}>  $slices  by id
     * @param  array{Sheet, Sheet}|null  $sheet
     * @param  array<string, array{Guide|null, Guide|null}>  $guides  by id
     * @param  array<string, array{Dimension|null, Dimension|null}>  $dimensions  by id
     * @param  array<string, array{NamedGrid|null, NamedGrid|null}>  $grids  by id
     * @param  array<string, array{Preset|null, Preset|null}>  $presets  by id
     */
    public function __construct(public array $items, public array $slices, public ?array $sheet, public array $guides = [], public array $dimensions = [], public array $grids = [], public array $presets = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->items === [] && $this->slices === [] && $this->guides === [] && $this->dimensions === [] && $this->grids === [] && $this->presets === [] && $this->sheet === null;
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
            static fn (array $pair): bool => $pair[0] !== null && $pair[1] !== null && $pair[1]->kind->holdsItems() && $pair[0]->sharesSpaceWith($pair[1]),
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
