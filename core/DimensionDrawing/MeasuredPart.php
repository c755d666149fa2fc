<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Rect;

/** Something that is measured, with the number that stands on it and in the list. */
final readonly class MeasuredPart
{
    /**
     * @param  Rect  $box  px from the sheet's top left
     * @param  Rect  $upright  as if it were not turned, about the same centre
     * @param  float  $angle  degrees clockwise, groups included
     */
    public function __construct(public int $number, public string $id, public string $name, public Rect $box, public Rect $upright, public float $angle = 0.0)
    {
    }
}
