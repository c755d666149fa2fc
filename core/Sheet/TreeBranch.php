<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Branch;

/** An item of a tree with what it holds. */
final readonly class TreeBranch implements Branch
{
    public function __construct(private Tree $tree, private Item $item)
    {
    }

    public function item(): Item
    {
        return $this->item;
    }

    public function inside(): iterable
    {
        foreach ($this->tree->children($this->item->id) as $child) {
            yield new self($this->tree, $child);
        }
    }
}
