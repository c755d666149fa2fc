<?php

declare(strict_types=1);

namespace AllSquare\Core\Points;

use AllSquare\Core\Item\PlainBox;

/** What a point of a path is while it is arranged: a box of no size. */
final class PlacedPoint extends PlainBox
{
    public function name(): string
    {
        return 'point';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'point' : 'points';
    }
}
