<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

/** Which box of an item is arranged and measured: its bounds, its ink, or its frame as if it were not turned. */
enum By: string
{
    case Frame = 'frame';
    case Ink = 'ink';
    case Upright = 'upright';
}
