<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Item\Item;

/** An item that holds nothing. */
final readonly class Leaf implements Branch
{
    public function __construct(private Item $item)
    {
    }

    public function item(): Item
    {
        return $this->item;
    }

    public function inside(): iterable
    {
        return [];
    }
}
