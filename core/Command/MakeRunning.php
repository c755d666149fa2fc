<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Pin;
use AllSquare\Core\Item\Pins;
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
        $zones = self::let($draft, $selected->free, $this->zone);
        $where = count($zones) > 1 ? 'head and foot' : (string) array_key_first($zones);

        return new Report(sprintf('Let %s run along the %s of every sheet', Words::of($draft, $selected->free), $where).$selected->note(), $selected->ids, $selected->leftOut());
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, true> the zones that they run in, as keys
     *
     * @throws Refusal when they cannot
     */
    public static function let(Draft $draft, array $ids, ?string $zone): array
    {
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $sheet = $draft->sheet()->box();
        $zones = [];
        foreach ($ids as $id) {
            if ($draft->item($id)->parent !== null) {
                throw Refusal::because(Words::quoted($draft->item($id)).' lies in something else. What runs on every sheet lies on the sheet itself.', 'items');
            }
            $box = $boxes->bounds($id);
            $its = $zone ?? ($box->centre()->y <= $sheet->centre()->y ? 'head' : 'foot');
            if ($box->h > $sheet->h) {
                throw Refusal::because(Words::quoted($draft->item($id))." is higher than the sheet, and so it cannot be its $its.", 'items');
            }
            $zones[$its] = true;
            if ($box->x <= 0.0 && $box->right() >= $sheet->w && $draft->item($id)->pins()->isPlain()) {
                // What is as wide as this sheet is as wide as the others.
                $draft->put($draft->item($id)->withFields(['pins' => new Pins(Pin::Stretch)]));
            }
            self::mark($draft, $draft->item($id), $its);
        }

        return $zones;
    }

    private static function mark(Draft $draft, Item $item, string $zone): void
    {
        $draft->put($item->withFields(['twin' => new Twin($item->twin()->key ?? $draft->nextId(), $zone)]));
        foreach ($draft->tree->children($item->id) as $child) {
            self::mark($draft, $child, $zone);
        }
    }
}
