<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Axis;

/** The gap between two neighbours, in px of the sheet. */
final readonly class Gap
{
    /** Whether it is meant to be as the others are, and is not. */
    public bool $odd;

    /**
     * @param  string  $a  id of the one before
     * @param  string  $b  id of the one after
     * @param  float  $from  where the gap begins along the axis
     * @param  array{float, float}  $across  from where to where both stand beside it, in the other direction
     * @param  float|null  $expected  what it would be if it were not odd; null where it is not
     */
    public function __construct(
        public Axis $axis,
        public string $a,
        public string $b,
        public float $size,
        public float $from,
        public float $to,
        public array $across,
        public ?float $expected = null,
    ) {
        $this->odd = $expected !== null;
    }

    /** The size in thousandths of a px: sizes that are the same have the same. */
    public function thousandths(): int
    {
        return (int) round($this->size * 1000);
    }

    public function expecting(float $expected): self
    {
        return new self($this->axis, $this->a, $this->b, $this->size, $this->from, $this->to, $this->across, $expected);
    }
}
