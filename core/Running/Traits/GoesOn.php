<?php

declare(strict_types=1);

namespace AllSquare\Core\Running\Traits;

/** A command that presses of a key send again and again: moving, and stepping a number in a field. A run of them is one line of the history. */
interface GoesOn
{
}
