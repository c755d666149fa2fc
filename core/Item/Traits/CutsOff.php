<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that can cut off what is painted of the things in it; what is measured of them stays. */
interface CutsOff
{
    /** @param  array<string, mixed>  $fields */
    public function isClipping(array $fields): bool;
}
