<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Item\Item;

/** How far it is from one side of something to what lies next there. */
final readonly class Clearance
{
    /**
     * @param  float  $size  px; negative where it stands out over the edge of its ground
     * @param  Item|null  $to  the neighbour or the ground; null for the sheet
     * @param  bool  $isInset  whether it is measured to the inner edge of a ground
     */
    public function __construct(public Side $side, public float $size, public ?Item $to, public bool $isInset)
    {
    }
}
