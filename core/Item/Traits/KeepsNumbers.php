<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind whose items may keep numbers of their own space, such as those of a series, which follow when that space is scaled. */
interface KeepsNumbers
{
    /** @param  array<string, mixed>  $fields  of an item of this kind */
    public function keepsNumbers(array $fields): bool;
}
