<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Item\Kind;

/**
 * A text in one style.
 *
 * `grow` says what follows the words: `both` sides, only `down` (it wraps at its width), or `none`.
 */
final class TextKind implements Kind
{
    public function name(): string
    {
        return 'text';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'text' : 'texts';
    }

    public function properties(): array
    {
        return [
            'text' => '',
            'font' => 'overpass',
            'weight' => 400,
            'size' => 16.0,
            'line_height' => 1.3,
            'align' => 'start',
            'grow' => 'both',
            'fill' => '#20302d',
            'opacity' => 1.0,
        ];
    }

    public function holdsItems(): bool
    {
        return false;
    }
}
