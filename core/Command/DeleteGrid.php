<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\DeletesKept;
use AllSquare\Core\Sheet\NamedGrid;

/** Deletes a named grid of the document. Sheets that use it keep their grid. */
final readonly class DeleteGrid implements Command
{
    use DeletesKept;

    public static function name(): string
    {
        return 'delete-grid';
    }

    /** @return class-string<NamedGrid> */
    private static function sort(): string
    {
        return NamedGrid::class;
    }
}
