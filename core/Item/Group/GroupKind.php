<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Group;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Traits\KeepsNumbers;

/**
 * Items held together. Its children live in its space, so that turning it rewrites none of them.
 *
 * `series` keeps the numbers of a block, a ring or a row of steps whose members its children are; null for any other group.
 */
final class GroupKind implements KeepsNumbers, Kind
{
    public function name(): string
    {
        return 'group';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'group' : 'groups';
    }

    public function properties(): array
    {
        return ['opacity' => 1.0, 'series' => null];
    }

    public function holdsItems(): bool
    {
        return true;
    }

    public function keepsNumbers(Item $item): bool
    {
        return $item->props['series'] !== null;
    }
}
