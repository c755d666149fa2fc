<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** What a column is as wide as, or a row as high as. */
enum TrackSizing: string
{
    /** its own number of px */
    case Fixed = 'fixed';

    /** what is in its cells, padding and all */
    case Content = 'content';

    /** its share of what the others leave */
    case Share = 'share';
}
