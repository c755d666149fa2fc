<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\ItemData;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;

/** What a drawing came to. */
final readonly class SvgContent
{
    /**
     * @param  string|null  $title  what it calls itself
     * @param  float  $width  px
     * @param  list<Item>  $items  each group before what is in it, with ids and parents of their own
     * @param  list<array{what: string, count: int}>  $leftOut  what was not taken over
     */
    public function __construct(public ?string $title, public float $width, public float $height, public array $items, public array $leftOut)
    {
    }

    /**
     * The items as they lie on the clipboard, in a group where there are several.
     *
     * @param  string  $name  of that group, or of the only item where nothing else says its name
     * @return list<array<string, mixed>>
     */
    public function excerpt(string $name): array
    {
        $outermost = array_filter($this->items, static fn (Item $item): bool => $item->parent === null);
        $written = static fn (Item $item, ?string $parent): array => ['id' => $item->id, ...$parent === null ? [] : ['parent' => $parent], ...ItemData::write($item)];
        if (count($outermost) <= 1) {
            $called = static fn (Item $item): Item => $item->parent === null && $item->name === Naming::ofItem($item) ? $item->with(['name' => $name]) : $item;

            return array_map(static fn (Item $item): array => $written($called($item), $item->parent), $this->items);
        }
        $box = Rect::unionOf(array_values(array_map(SvgReader::around(...), $outermost))) ?? new Rect(0.0, 0.0, 0.0, 0.0);
        $kind = Kinds::ofGroups();
        $group = new Item('svg', null, 0, $kind, $name, $box, 0.0, false, false, $kind->fields()->defaults, new Point($box->x, $box->y));

        return [$written($group, null), ...array_map(static fn (Item $item): array => $written($item, $item->parent ?? $group->id), $this->items)];
    }

    /** What was not taken over, as a sentence; nothing where all was. */
    public function said(): string
    {
        $said = array_map(static fn (array $one): string => $one['count'] === 1 ? $one['what'] : "$one[what] ($one[count] times)", $this->leftOut);

        return $said === [] ? '' : 'Not taken over: '.implode(', ', $said).'.';
    }
}
