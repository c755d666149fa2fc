<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that nothing lies on: what is seen beneath something is never of it. */
interface NoGround
{
}
