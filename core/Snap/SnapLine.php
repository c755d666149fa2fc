<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

/** A line that can be snapped to and does not come from an item: a guide, a margin, an edge of the grid or of the sheet. */
final readonly class SnapLine
{
    /**
     * @param  float  $at  px along its axis
     * @param  float  $low  from where it reaches, in the other direction
     * @param  string  $from  what it came from, in words, or the id of a guide
     */
    public function __construct(public float $at, public SnapKind $kind, public float $low, public float $high, public string $from)
    {
    }
}
