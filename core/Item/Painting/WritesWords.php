<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Item\Item;

/** A painter that can also write its item with its words as text, which can be searched and changed. */
interface WritesWords
{
    public function words(Item $item): ?Element;

    /** @return array<string, list<int>> the code points it writes, by the key of their font */
    public function used(Item $item): array;
}
