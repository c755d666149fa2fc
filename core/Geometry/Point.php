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

    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    /** In the same direction, of length 1; nothing where it has none. */
    public function unit(): self
    {
        $length = $this->length();

        return $length < 1e-12 ? new self(0.0, 0.0) : $this->times(1 / $length, 1 / $length);
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
