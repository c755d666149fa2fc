<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/** A named part of a sheet that is cut out and handed over. */
final readonly class Slice
{
    public function __construct(
        public string $id,
        public int $rank,
        public string $name,
        public Rect $box,
    ) {
    }

    /**
     * The pixels of the slice at a scale: each side times the scale, half up, at least 1.
     *
     * @return array{int, int} width and height
     */
    public function pixels(float $scale): array
    {
        return [
            max(1, (int) Length::whole($this->box->w * $scale)),
            max(1, (int) Length::whole($this->box->h * $scale)),
        ];
    }
}
