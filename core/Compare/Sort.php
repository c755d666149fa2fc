<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

/** In what two sheets can differ (RULES 20). */
enum Sort: string
{
    case Added = 'added';
    case Gone = 'gone';
    case Moved = 'moved';
    case Sized = 'sized';
    case Turned = 'turned';
    case Reshaped = 'reshaped';
    case Restyled = 'restyled';
    case Reworded = 'reworded';
    case Renamed = 'renamed';
    case Reordered = 'reordered';
    case Regrouped = 'regrouped';
    /** hidden or shown, locked or not, a reference or not */
    case Switched = 'switched';
    /** something that belongs to the sheet: a guide, a slice, a dimension */
    case Aid = 'aid';
    /** the sheet itself: its size, background, margins, grid */
    case Sheet = 'sheet';
}
