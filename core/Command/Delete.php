<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Deletes items with all that is in them. */
final readonly class Delete implements Command, SelectsWhatItMade
{
    public static function name(): string
    {
        return 'delete';
    }

    public static function from(Params $params): self
    {
        return new self;
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $summary = 'Deleted '.Words::of($draft, $selected->free).$selected->note();
        foreach ($selected->free as $id) {
            $draft->remove($id);
        }

        return new Report($summary, $selected->locked, $selected->leftOut());
    }
}
