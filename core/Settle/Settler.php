<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** What follows from a change by itself, in the same change: what it does is undone with it. */
interface Settler
{
    /** @throws Refusal when it cannot follow, so that the command cannot be done */
    public function settle(Draft $draft): void;
}
