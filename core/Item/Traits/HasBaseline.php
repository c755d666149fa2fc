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

    /**
     * The other lines of its letters: heights of capitals and of small letters above the first baseline, and the last baseline where that
     * is another.
     *
     * @param  array<string, mixed>  $fields
     * @return array<string, float> px from the top of its frame, by what they are
     */
    public function letterLines(array $fields, float $w, float $h, FontLibrary $fonts): array;
}
