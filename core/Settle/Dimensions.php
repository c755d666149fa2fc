<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Sheet\Dimension;
use AllSquare\Core\Sheet\Draft;

/** A dimension goes with what it measures, and comes back with it (RULES 12). */
final class Dimensions implements Settler
{
    public function settle(Draft $draft): void
    {
        $dimensions = $draft->of(Dimension::class);
        foreach ($dimensions->all() as $dimension) {
            if ($draft->wasRemoved($dimension->a) || $draft->wasRemoved($dimension->b)) {
                $dimensions->remove($dimension->id);
            }
        }
    }
}
