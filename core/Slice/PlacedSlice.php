<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Item\PlainBox;

/** What a slice is while it is arranged. */
final class PlacedSlice extends PlainBox
{
    public function name(): string
    {
        return 'slice';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'slice' : 'slices';
    }
}
