<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Text\FontLibrary;

/** A kind with lines of letters. */
interface HasBaseline
{
    /**
     * @param  array<string, mixed>  $fields  of an item of this kind
     * @param  float  $w  px of its frame
     * @param  float  $h  px of its frame
     * @return float px from the top of its frame to its first baseline
     */
    public function baseline(array $fields, float $w, float $h, FontLibrary $fonts): float;
}
