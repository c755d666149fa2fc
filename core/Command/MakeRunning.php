<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Twin;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Lets things run along the head or the foot of every sheet of the document: at the edge that they are nearer to, where it is not said. */
final readonly class MakeRunning implements Command
{
    private function __construct(private ?string $zone)
    {
    }

    public static function name(): string
    {
        return 'make-running';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('zone'));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $middle = $draft->sheet()->box()->centre()->y;
        $zones = [];
        foreach ($selected->free as $id) {
            if ($draft->item($id)->parent !== null) {
                throw Refusal::because(Words::quoted($draft->item($id)).' lies in something else. What runs on every sheet lies on the sheet itself.', 'items');
            }
            $zone = $this->zone ?? ($boxes->bounds($id)->centre()->y <= $middle ? 'head' : 'foot');
            $zones[$zone] = true;
            self::mark($draft, $draft->item($id), $zone);
        }
        $where = count($zones) > 1 ? 'head and foot' : (string) array_key_first($zones);

        return new Report(sprintf('Let %s run along the %s of every sheet', Words::of($draft, $selected->free), $where).$selected->note(), $selected->ids, $selected->leftOut());
    }

    private static function mark(Draft $draft, Item $item, string $zone): void
    {
        $draft->put($item->withFields(['twin' => new Twin($item->twin()->key ?? $draft->nextId(), $zone)]));
        foreach ($draft->tree->children($item->id) as $child) {
            self::mark($draft, $child, $zone);
        }
    }
}
