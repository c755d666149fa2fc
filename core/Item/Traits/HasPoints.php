<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Path\Path;

/** A kind that is nothing but its points, which can be moved and arranged one by one. */
interface HasPoints
{
    /** In px from the frame's top left. */
    public function path(Item $item): Path;

    /** With other points; its frame is not fitted to them yet. */
    public function withPath(Item $item, Path $path): Item;
}
