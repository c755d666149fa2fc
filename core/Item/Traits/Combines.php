<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** The kind that shapes become when they are combined. */
interface Combines
{
}
