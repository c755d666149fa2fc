<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** A place, or a distance across and down, in pixels. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function times(float $x, float $y): self
    {
        return new self($this->x * $x, $this->y * $y);
    }

    /** Turned about the origin, degrees clockwise. */
    public function turned(float $degrees): self
    {
        if ($degrees === 0.0) {
            return $this;
        }
        $cos = Angle::cos($degrees);
        $sin = Angle::sin($degrees);

        return new self($this->x * $cos - $this->y * $sin, $this->x * $sin + $this->y * $cos);
    }
}
