<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

/** What a measure is of. */
enum MeasureKind: string
{
    case Size = 'size';
    case Gap = 'gap';
    case Margin = 'margin';
    case Grid = 'grid';
}
