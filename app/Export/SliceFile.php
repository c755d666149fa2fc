<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Slice\Slice;

/** One file of an archive: a slice at a scale. */
final readonly class SliceFile
{
    /** @param  array{int, int}  $pixels width and height */
    public function __construct(public Slice $slice, public float $scale, public string $name, public array $pixels)
    {
    }
}
