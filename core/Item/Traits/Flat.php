<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that has a length and no height, such as a line. */
interface Flat
{
}
