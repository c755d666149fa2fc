<?php

declare(strict_types=1);

namespace AllSquare\Core\Measured;

/** What a measure is of. */
enum Kind: string
{
    case Size = 'size';
    case Gap = 'gap';
    case Margin = 'margin';
    case Grid = 'grid';
}
