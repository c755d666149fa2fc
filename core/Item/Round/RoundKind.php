<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Round;

use AllSquare\Core\Item\Kind;

/** An ellipse that fills its frame; a circle in a square frame. */
final class RoundKind implements Kind
{
    public function name(): string
    {
        return 'round';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'round' : 'rounds';
    }

    public function properties(): array
    {
        return ['fill' => '#7fa7b0', 'outline' => null, 'opacity' => 1.0];
    }

    public function holdsItems(): bool
    {
        return false;
    }
}
