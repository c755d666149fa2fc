<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

/** What the size of a rail along one axis follows from (RULES 13). */
enum Sizing: string
{
    /** what lies in it, with its padding */
    case Content = 'content';
    /** its frame, as it was drawn or typed */
    case Fixed = 'fixed';
    /** a share of what is left of the rail that it lies in; across that, all of its room */
    case Share = 'share';
}
