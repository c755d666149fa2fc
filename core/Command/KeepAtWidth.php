<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Takes things out of what is one at all widths of a page: those at other widths stay as they are and change no more with these. */
final readonly class KeepAtWidth implements Command
{
    public static function name(): string
    {
        return 'keep-at-width';
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
        $kept = [];
        foreach ($selected->free as $id) {
            foreach ([$draft->item($id), ...$draft->tree->descendants($id)] as $item) {
                if ($item->twin() !== null && ! $item->twin()->runs()) {
                    $draft->put($item->withFields(['twin' => null]));
                    $kept[$id] = true;
                }
            }
        }
        if ($kept === []) {
            throw Refusal::because('Select something that is at other widths of the page as well.', 'items');
        }
        $ids = array_map(strval(...), array_keys($kept));

        return new Report('Kept '.Words::of($draft, $ids).' at this width alone'.$selected->note(), $selected->ids, $selected->leftOut());
    }
}
