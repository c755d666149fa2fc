<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

/** Where things stand across the direction of their rail. */
enum Across: string
{
    case Start = 'start';
    case Centre = 'centre';
    case End = 'end';
    /** as large as the rail has room, or as the largest of their line */
    case Stretch = 'stretch';
}
