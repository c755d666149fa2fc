<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Apart;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Takes groups apart; what was in them stays where it is on the sheet. */
final readonly class Ungroup implements Command, SelectsWhatItMade
{
    public static function name(): string
    {
        return 'ungroup';
    }

    public static function from(Params $params): self
    {
        return new self;
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $groups = array_values(array_filter($selected->free, static fn (string $id): bool => $draft->item($id)->holdsItems() && ! $draft->item($id)->kind instanceof ShowsAsOne));
        if ($groups === []) {
            throw Refusal::because('There is neither a group nor a tray among what is selected.', 'items');
        }
        $summary = 'Ungrouped '.Words::of($draft, $groups);
        $freed = [];
        foreach ($groups as $id) {
            array_push($freed, ...Apart::take($draft, $draft->item($id)));
        }

        return new Report($summary.$selected->note(), [...array_values(array_diff($selected->ids, $groups)), ...$freed], $selected->leftOut());
    }
}
