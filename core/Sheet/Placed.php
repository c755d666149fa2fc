<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Rect;

/** Something visible and where it lies on the sheet. */
final readonly class Placed
{
    /**
     * @param  bool  $isGround  whether something can lie on it, which it never does on a plain group
     * @param  float|null  $baseline  the first line of letters that stand upright, px from the top of the sheet
     */
    public function __construct(public string $id, public ?string $parent, public Rect $box, public bool $isGround, public ?float $baseline = null)
    {
    }
}
