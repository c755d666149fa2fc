<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that paints nothing itself: what is seen of it are the items in it. */
interface PaintsNothing
{
}
