<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

/** The numbers that something has of its own in the rail that it lies in. */
final readonly class Berth
{
    /**
     * @param  float  $before  px added to the gap before it
     * @param  float  $aside  px by which it is shifted across, without anything making way
     * @param  float  $share  parts of what is left along the rail; 0 to stay as large as it is
     * @param  int  $over  by how much it is lifted in the order of painting, and in nothing else
     */
    public function __construct(public float $before = 0.0, public float $aside = 0.0, public float $share = 0.0, public int $over = 0)
    {
    }
}
