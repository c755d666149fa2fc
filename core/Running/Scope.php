<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Item\By;

/** How much of a sheet a command works on. */
enum Scope
{
    /** The named items with the whole branches they hang on: their groups, and everything in these. */
    case Branches;

    /** Branches, and what lies directly on the sheet, for its order; what is in those other groups is not loaded. */
    case Order;

    /** Branches, and those that lie where the named items lie: any of them may be what an item lies on. */
    case Beneath;

    /** Branches, and those that share the extent of the named items across or down: what may lie next to them as well. */
    case Beside;

    /** Everything. */
    case Whole;

    /** What clearances need. Upright frames are known only once everything is: they are not kept with the items. */
    public static function beside(By $by): self
    {
        return $by === By::Upright ? self::Whole : self::Beside;
    }
}
