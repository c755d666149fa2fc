<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** What a sum may refer to: the sheet's ppi, the item's own figures, the parent's size along the axis. All in px. */
final readonly class SumContext
{
    /**
     * @param  float  $ppi  pixels per inch of the sheet
     * @param  float|null  $whole  what 100 % is, where there is such a thing
     * @param  array<string, float>  $own  the item's own figures by name: x, y, w, h
     * @param  Unit  $unit  what a bare number is given in
     */
    public function __construct(
        public float $ppi = 96.0,
        public ?float $whole = null,
        public array $own = [],
        public Unit $unit = Unit::Px,
    ) {
    }
}
