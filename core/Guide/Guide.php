<?php

declare(strict_types=1);

namespace AllSquare\Core\Guide;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Spoken;

/** A line right across the sheet. One of axis x stands upright at that x. */
final readonly class Guide
{
    /** @param  float  $at  px from the sheet's left or top */
    public function __construct(public string $id, public Axis $axis, public float $at, public bool $locked = false)
    {
    }

    /** As in "the guide at x 120" */
    public function words(): string
    {
        return "the guide at {$this->axis->value} ".Spoken::length($this->at);
    }
}
