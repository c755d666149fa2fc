<?php

declare(strict_types=1);

namespace AllSquare\Core\Running\Traits;

/** A command after which what it made is selected. */
interface SelectsWhatItMade
{
}
