<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Item\Item;

/** An item with what it holds. */
interface Branch
{
    public function item(): Item;

    /** @return iterable<Branch> what it holds, back to front */
    public function inside(): iterable;
}
