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

/** Ends a running head or foot: on every sheet it stays as it is, and is from then on a thing of that sheet alone. */
final readonly class EndRunning implements Command
{
    public static function name(): string
    {
        return 'end-running';
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
        $running = array_values(array_filter($selected->free, static fn (string $id): bool => $draft->item($id)->twin() !== null && $draft->item($id)->parent === null));
        if ($running === []) {
            throw Refusal::because('Select something that runs along the head or the foot of every sheet.', 'items');
        }
        foreach ($running as $id) {
            foreach ([$draft->item($id), ...$draft->tree->descendants($id)] as $item) {
                $draft->put($item->withFields(['twin' => null]));
            }
        }

        return new Report('Let '.Words::of($draft, $running).' lie on each sheet by itself'.$selected->note(), $selected->ids, $selected->leftOut());
    }
}
