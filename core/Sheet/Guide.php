<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Spoken;

/** A line right across the sheet. One of axis x stands upright at that x. */
final readonly class Guide
{
    /** @param  float  $at  px from the sheet's left or top */
    public function __construct(public string $id, public Axis $axis, public float $at, public bool $locked = false)
    {
    }

    /** As in "the vertical guide at x 120" */
    public function words(): string
    {
        return ($this->axis === Axis::X ? 'the vertical guide at x ' : 'the horizontal guide at y ').Spoken::length($this->at);
    }
}
