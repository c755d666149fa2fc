<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\ItemData;

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

    /** @return list<array<string, mixed>> the items as they lie on the clipboard */
    public function excerpt(): array
    {
        return array_map(static fn (Item $item): array => ['id' => $item->id, ...$item->parent === null ? [] : ['parent' => $item->parent], ...ItemData::write($item)], $this->items);
    }

    /** What was not taken over, as a sentence; nothing where all was. */
    public function said(): string
    {
        $said = array_map(static fn (array $one): string => $one['count'] === 1 ? $one['what'] : "$one[what] ($one[count] times)", $this->leftOut);

        return $said === [] ? '' : 'Not taken over: '.implode(', ', $said).'.';
    }
}
