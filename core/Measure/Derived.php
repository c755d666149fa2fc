<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Painting;

/** What follows from an item and can always be computed again: its boxes on the sheet and its painting. */
final readonly class Derived
{
    /**
     * @param  bool  $paints  whether it paints anything, so that its ink is not just its bounds
     * @param  Painting|null  $painting  null when the painting is known to be the same as before
     */
    public function __construct(
        public Rect $bounds,
        public Rect $ink,
        public Rect $painted,
        public bool $paints,
        public string $paintHash,
        public ?Painting $painting,
    ) {
    }
}
