<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Side;

/** The distance from one side of something to the inner edge of what it lies on, where nothing lies between, in px. */
final readonly class EdgeGap
{
    /** Whether it is meant to be as the others are, and is not. */
    public bool $odd;

    /**
     * @param  string|null  $ground  null for the sheet
     * @param  float|null  $expected  what it would be if it were not odd; null where it is not
     */
    public function __construct(public string $item, public ?string $ground, public Side $side, public float $size, public ?float $expected = null)
    {
        $this->odd = $expected !== null;
    }

    public function expecting(float $expected): self
    {
        return new self($this->item, $this->ground, $this->side, $this->size, $expected);
    }
}
