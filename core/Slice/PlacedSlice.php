<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Traits\NamedAfterOthers;

/** What a slice is while it is arranged: a plain box that paints nothing. No item of a sheet is of this kind. */
final class PlacedSlice implements Kind, NamedAfterOthers
{
    public function name(): string
    {
        return 'slice';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'slice' : 'slices';
    }

    public function properties(): array
    {
        return [];
    }

    public function holdsItems(): bool
    {
        return false;
    }
}
