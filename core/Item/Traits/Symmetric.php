<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that looks the same in a mirror. */
interface Symmetric
{
}
