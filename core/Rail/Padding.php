<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

use AllSquare\Core\Geometry\Axis;

/** Room between the edges of a rail and what lies in it: px, none below 0. */
final readonly class Padding
{
    public function __construct(public float $left = 0.0, public float $top = 0.0, public float $right = 0.0, public float $bottom = 0.0)
    {
    }

    /** @param  array<mixed>  $stored */
    public static function read(array $stored): self
    {
        $side = static fn (string $name): float => is_numeric($stored[$name] ?? null) ? max(0.0, (float) $stored[$name]) : 0.0;

        return new self($side('left'), $side('top'), $side('right'), $side('bottom'));
    }

    public function lead(Axis $axis): float
    {
        return $axis === Axis::X ? $this->left : $this->top;
    }

    /** Both along an axis. */
    public function both(Axis $axis): float
    {
        return $axis === Axis::X ? $this->left + $this->right : $this->top + $this->bottom;
    }

    /** @return array{left: float, top: float, right: float, bottom: float} */
    public function toArray(): array
    {
        return ['left' => $this->left, 'top' => $this->top, 'right' => $this->right, 'bottom' => $this->bottom];
    }
}
