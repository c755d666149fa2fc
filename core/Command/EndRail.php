<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Lets rails be mere trays again: what lies in them stays where it is, and is laid out no more. */
final readonly class EndRail implements Command
{
    public static function name(): string
    {
        return 'end-rail';
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
        $selected = Selected::movable($draft, $items);
        $rails = SetRail::rails($draft, $selected->free);
        foreach ($rails as $id) {
            $draft->put($draft->item($id)->withFields(['rail' => null]));
            foreach ($draft->tree->children($id) as $child) {
                $draft->put($child->withFields(['berth' => null]));
            }
        }

        return new Report('Let '.Words::of($draft, $rails).' be laid out no more'.$selected->note(), $selected->ids, $selected->leftOut());
    }
}
