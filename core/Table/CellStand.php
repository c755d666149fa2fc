<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** Where the words of a cell stand down it. */
enum CellStand: string
{
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';

    /** the first baselines of a row on one line */
    case Baseline = 'baseline';
}
