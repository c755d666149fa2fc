<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Text\FontLibrary;

/** A kind that makes one shape of the items in it, which are not seen, measured or hit by themselves. */
interface ShowsAsOne extends FramedByItems, HoldsItems
{
    /** With what the items in it make now. */
    public function anew(Branch $branch, FontLibrary $fonts): Item;

    /** The box round that shape in the item's own space; null where nothing is left. */
    public function extent(Item $item): ?Rect;
}
