<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Line;

use AllSquare\Core\Item\Kind;

/** A straight line: as long as its frame is wide, of no height, at its angle. */
final class LineKind implements Kind
{
    public function name(): string
    {
        return 'line';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'line' : 'lines';
    }

    public function properties(): array
    {
        return ['outline' => ['colour' => '#20302d', 'weight' => 1.0], 'opacity' => 1.0];
    }

    public function holdsItems(): bool
    {
        return false;
    }
}
