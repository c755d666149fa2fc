<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet\Kind;

/** Items held together. Its children live in its space, so that turning it rewrites none of them. */
final class Group implements Kind
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
        return ['opacity' => 1.0];
    }

    public function holdsItems(): bool
    {
        return true;
    }
}
