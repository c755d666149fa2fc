<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

/** What of a thing keeps its distance, along one axis, when the tray that it lies in is sized (RULES 13). */
enum Pin: string
{
    case Start = 'start';
    case Centre = 'centre';
    case End = 'end';
    case Stretch = 'stretch';
}
