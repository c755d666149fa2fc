<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;

/** A kind whose words may stand in a box of their own. */
interface WordsInBox
{
    /** The box as an item in its place, with its look; null where none is seen. */
    public function box(Item $item): ?Item;

    /** The words without it. */
    public function unboxed(Item $item): Item;
}
