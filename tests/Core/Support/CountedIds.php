<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Sheet\Ids;

/** Ids that say in which order they were given out: new-1, new-2. */
final class CountedIds implements Ids
{
    private int $count = 0;

    public function next(): string
    {
        return 'new-'.++$this->count;
    }
}
