<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/** Where the ids of new things come from: ULIDs in the application, a plain count in tests. */
interface Ids
{
    public function next(): string;
}
