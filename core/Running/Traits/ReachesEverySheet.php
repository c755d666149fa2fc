<?php

declare(strict_types=1);

namespace AllSquare\Core\Running\Traits;

use AllSquare\Core\Sheet\Draft;

/** A command that changes what belongs to the document, and with it items on its other sheets. */
interface ReachesEverySheet
{
    /** What it does on another sheet, after it was run on its own. The draft holds all items of that sheet. */
    public function elsewhere(Draft $draft): void;
}
