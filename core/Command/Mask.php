<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Painters;
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

/** Lets one thing mask others: of these that much is seen as lies in it. It is the foremost of them, unless another one is named. */
final readonly class Mask implements Command, SelectsWhatItMade
{
    private function __construct(private ?string $by, private string $called)
    {
    }

    public static function name(): string
    {
        return 'mask';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('by'), $params->word('name') ?? 'Mask');
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $order = array_values(array_intersect($draft->tree->inOrder(), $selected->free));
        $by = $this->by ?? $order[count($order) - 1] ?? null;
        if ($by === null || ! in_array($by, $order, true) || count($order) < 2) {
            throw Refusal::because(count($order) < 2 ? 'Select what is to be masked, and in front of it what masks it.' : 'What masks has to be one of those that are selected.', count($order) < 2 ? 'items' : 'by');
        }
        $this->check($draft, $by);
        $others = array_values(array_diff($order, [$by]));
        $said = sprintf('Masked %s by %s', Words::of($draft, $others), Words::quoted($draft->item($by)));
        $parent = $draft->tree->commonParent($order);
        $place = (new Ranks($draft))->placeOfForemost($order, $parent);
        $kind = Kinds::ofMasks();
        $mask = new Item($draft->nextId(), $parent, 0, $kind, Naming::checked($this->called), new Rect(0.0, 0.0, 0.0, 0.0), 0.0, false, false, $kind->fields()->defaults);
        $draft->add($mask);
        $rehousing = new Reparenting($draft);
        foreach ([...$others, $by] as $i => $id) {
            $rehousing->move($id, $mask->id, $i * Ranks::STEP);
        }
        (new Ranks($draft))->insert($parent, $place, [$mask->id]);
        (new GroupFit($draft))->fit($mask->id);

        return new Report($said.$selected->note(), [$mask->id], $selected->leftOut());
    }

    /** @throws Refusal when nothing could be seen within it */
    private function check(Draft $draft, string $by): void
    {
        $item = $draft->item($by);
        $painter = (new Painters($draft->fonts))->of($item);
        $path = $painter instanceof GivesPath ? $painter->path($item) : null;
        if ($path === null || ! $path->hasInside()) {
            throw Refusal::because(Words::quoted($item).' is a '.$item->kind->noun(1).' without an inside: nothing would be seen within it.', 'by');
        }
    }
}
