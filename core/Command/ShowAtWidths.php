<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Twin;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Shows things at the other widths of the page as well, where their pins have them: from then on they are one with those. */
final readonly class ShowAtWidths implements Command
{
    public static function name(): string
    {
        return 'show-at-widths';
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
        if ($draft->sheet()->page === null) {
            throw Refusal::because('This page is there at one width only. Add another width first.', 'items');
        }
        $alone = [];
        foreach ($selected->free as $id) {
            foreach ([$draft->item($id), ...$draft->tree->descendants($id)] as $item) {
                if ($item->twin() === null) {
                    $draft->put($item->withFields(['twin' => new Twin($draft->nextId(), 'page')]));
                    $alone[$id] = true;
                }
            }
        }
        if ($alone === []) {
            throw Refusal::because(Words::of($draft, $selected->free).(count($selected->free) === 1 ? ' is' : ' are').' at the other widths as well, or on every sheet.', 'items');
        }
        $shown = array_map(strval(...), array_keys($alone));

        return new Report('Showed '.Words::of($draft, $shown).' at the other widths of the page'.$selected->note(), $selected->ids, $selected->leftOut());
    }
}
