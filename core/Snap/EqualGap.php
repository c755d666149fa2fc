<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

/** A place where what is dragged would keep a gap that is there between two others. */
final readonly class EqualGap
{
    /**
     * @param  float  $at  where that part of it would lie, px
     * @param  float  $size  of the gap
     * @param  float  $low  it holds while what is dragged overlaps this extent, in the other direction
     * @param  int  $a  places of the two among the candidates, in their order
     */
    public function __construct(public float $at, public SnapPart $part, public float $size, public float $low, public float $high, public int $a, public int $b)
    {
    }
}
