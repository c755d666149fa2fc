<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind in which items can lie, in a space of its own. */
interface HoldsItems
{
}
