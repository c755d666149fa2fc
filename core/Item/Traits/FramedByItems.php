<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind whose frame is that of the items in it, so that it is sized by sizing them; any other keeps a frame of its own. */
interface FramedByItems
{
}
