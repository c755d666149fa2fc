<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Arrange\ItemsOfTable;
use AllSquare\Core\Item\Traits\HasCells;
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

/** Turns tables into groups of the texts, boxes and lines that they are painted of, each where it is. */
final readonly class TakeApart implements Command, SelectsWhatItMade
{
    public static function name(): string
    {
        return 'take-apart';
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
        $tables = array_values(array_filter($selected->free, static fn (string $id): bool => $draft->item($id)->kind instanceof HasCells));
        if ($tables === []) {
            throw Refusal::because('There is no table among what is selected.', 'items');
        }
        $said = Words::of($draft, $tables);
        $made = 0;
        foreach ($tables as $id) {
            $parts = (new ItemsOfTable($draft))->of($draft->item($id));
            $made += count($parts) - 1;
            foreach ($parts as $part) {
                $part->id === $id ? $draft->put($part) : $draft->add($part);
            }
            (new GroupFit($draft))->fit($id);
        }

        return new Report("Took $said apart: $made ".($made === 1 ? 'item' : 'items').$selected->note(), $selected->ids, $selected->leftOut());
    }
}
