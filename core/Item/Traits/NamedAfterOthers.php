<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind whose things are called after others, such as slices after what they are cut from: their names do not say what they are. */
interface NamedAfterOthers
{
}
