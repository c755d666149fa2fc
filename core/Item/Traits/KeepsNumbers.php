<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;

/** A kind whose items may keep numbers of their own space, such as those of a series, which follow when that space is scaled. */
interface KeepsNumbers
{
    public function keepsNumbers(Item $item): bool;
}
