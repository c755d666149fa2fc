<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Look\FillPattern;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Lets the pattern of the first run on in the others, as if it were one that lies beneath all of them. */
final readonly class RunOn implements Command
{
    public static function name(): string
    {
        return 'run-on';
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
        $ids = array_values(array_filter($selected->free, static fn (string $id): bool => array_key_exists('fill', $draft->item($id)->fields)));
        $first = $ids === [] ? null : $draft->item($ids[0]);
        $pattern = $first?->fields['fill'] ?? null;
        if ($first === null || ! $pattern instanceof FillPattern || count($ids) < 2) {
            throw Refusal::because('Select a thing with a pattern first, and then those in which it is to run on.', 'items');
        }
        $from = $draft->tree->toSheet($first->parent)->after($first->toParent());
        foreach (array_slice($ids, 1) as $id) {
            $item = $draft->item($id);
            $to = $from->inverse()->after($draft->tree->toSheet($item->parent)->after($item->toParent()));
            $by = $to->apply(new Point(0.0, 0.0));
            $draft->put($item->withFields(['fill' => $pattern->runningOn($by, $to->angle)]));
        }

        return new Report('Let the pattern of '.Words::quoted($first).' run on in '.Words::of($draft, array_slice($ids, 1)).$selected->note(), $selected->ids, $selected->leftOut());
    }
}
