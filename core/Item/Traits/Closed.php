<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that has an inside, which may be filled. */
interface Closed
{
}
