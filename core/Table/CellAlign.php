<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** Where the words of a cell stand across it. */
enum CellAlign: string
{
    case Start = 'start';
    case Centre = 'centre';
    case End = 'end';

    /** the decimal signs of a column on one line, whatever stands behind them */
    case Decimal = 'decimal';
}
