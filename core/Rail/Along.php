<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

/** Where the room goes that is left along a rail. */
enum Along: string
{
    case Start = 'start';
    case Centre = 'centre';
    case End = 'end';
    /** in equal parts between things, added to the gaps */
    case Between = 'between';
}
