<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Item\Item;

/** A painter that can also write its item with its words as text, which can be searched and changed. */
interface WritesWords
{
    /** @return list<Element>|null null where only its outlines show all of it */
    public function words(Item $item): ?array;

    /** @return list<string> the keys of the fonts it is set in */
    public function used(Item $item): array;
}
