<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Sheet\Ids;

/** Ids that say in which order they were given out: new-1, new-2. */
final class CountedIds implements Ids
{
    private int $count = 0;

    public function __construct(private readonly string $word = 'new')
    {
    }

    public function next(): string
    {
        return "$this->word-".++$this->count;
    }
}
