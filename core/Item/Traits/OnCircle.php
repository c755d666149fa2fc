<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;

/** A kind that stands on a circle, which is its frame. */
interface OnCircle
{
    /** The same on the other side of the circle, half way round. */
    public function onOtherSide(Item $item): Item;

    /** With a circle of this radius, px; its frame is not fitted to it yet. */
    public function round(Item $item, float $radius): Item;
}
