<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;

/** One length that is written on the measured sheet, in px of the sheet. */
final readonly class Measure
{
    public float $size;

    /**
     * @param  float  $from  along the axis
     * @param  float  $to  likewise, not less
     * @param  array{float, float}  $across  from where to where what is measured stands, in the other direction
     * @param  list<int>  $parts  the numbers of the parts that it is of or lies between
     * @param  string  $words  what it is, for the list
     */
    public function __construct(
        public MeasureKind $kind,
        public Axis $axis,
        public float $from,
        public float $to,
        public array $across,
        public array $parts,
        public string $words,
    ) {
        $this->size = Length::round($to - $from);
    }

    /** The same for measures of one place, which are drawn once. */
    public function place(): string
    {
        return $this->axis->value.' '.Length::text($this->from).' '.Length::text($this->to);
    }
}
