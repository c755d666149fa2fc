<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

/** Which part of what is dragged meets a line; of equals the first wins. */
enum SnapPart: int
{
    case Lead = 0;
    case Centre = 1;
    case Trail = 2;
    case Baseline = 3;
}
