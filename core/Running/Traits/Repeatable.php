<?php

declare(strict_types=1);

namespace AllSquare\Core\Running\Traits;

/** A command that can be done again on other items, with the parameters it had. */
interface Repeatable
{
}
