<?php

declare(strict_types=1);

namespace AllSquare\Core\Running\Traits;

use AllSquare\Core\Sheet\SheetContent;

/** A command that takes something from another sheet than the one it is run on: a sheet of the document, this one as it once was, or one of a file. */
interface ReadsAnother
{
    /** @return array<string, mixed> which: sheet (an id), line (of the history) or file */
    public function another(): array;

    public function with(SheetContent $another): static;
}
