<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that goes when nothing is left in it. */
interface GoesWhenEmpty
{
}
