<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Box;

use AllSquare\Core\Item\Kind;

/** A rectangle, its corners rounded by one radius if wished. */
final class BoxKind implements Kind
{
    public function name(): string
    {
        return 'box';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'box' : 'boxes';
    }

    public function properties(): array
    {
        return ['fill' => '#dfeaec', 'outline' => null, 'radius' => 0.0, 'opacity' => 1.0];
    }

    public function holdsItems(): bool
    {
        return false;
    }
}
