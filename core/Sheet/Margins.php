<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/** The four margins of a sheet in px, each 0 or more. */
final readonly class Margins
{
    public function __construct(
        public float $left = 0.0,
        public float $top = 0.0,
        public float $right = 0.0,
        public float $bottom = 0.0,
    ) {
    }

    /** @return array{left: float, top: float, right: float, bottom: float} */
    public function toArray(): array
    {
        return ['left' => $this->left, 'top' => $this->top, 'right' => $this->right, 'bottom' => $this->bottom];
    }
}
