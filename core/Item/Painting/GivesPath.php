<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Path\Path;

/** A painter that knows the shape of an item as a path. */
interface GivesPath
{
    /** In the item's own space; null where there is nothing. */
    public function path(Item $item): ?Path;

    /** What lies inside where that crosses itself: nonzero or evenodd. */
    public function rule(Item $item): string;
}
