<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that looks the same in a mirror, by all that it is or as long as it has certain fields. */
interface Symmetric
{
    /** @param  array<string, mixed>  $fields */
    public function isSymmetric(array $fields): bool;
}
