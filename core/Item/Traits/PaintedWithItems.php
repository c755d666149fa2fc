<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that is painted otherwise when the items in it change, such as one that is cut out by one of them. */
interface PaintedWithItems
{
}
