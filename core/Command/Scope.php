<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

/** How much of a sheet a command works on. */
enum Scope
{
    /** The named items with the whole branches they hang on: their groups, and everything in these. */
    case Branches;

    /** Branches, and what lies directly on the sheet, for its order; what is in those other groups is not loaded. */
    case Order;

    /** Everything. */
    case Whole;
}
