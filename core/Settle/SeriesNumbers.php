<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Series\Layouts;
use AllSquare\Core\Sheet\Draft;

/** The numbers of a series are scaled as its space was; mirrored, its members run the other way, which they cannot say. */
final class SeriesNumbers implements Settler
{
    public function settle(Draft $draft): void
    {
        foreach ($draft->spaceChanges as $change) {
            if (! $draft->tree->has($change->group) || ! array_key_exists('series', $draft->item($change->group)->fields)) {
                continue;
            }
            $group = $draft->item($change->group);
            $draft->put($change->mirrored ? $group->withFields(['series' => null]) : Layouts::scaled($group, $change->across, $change->down, $change->about));
        }
    }
}
