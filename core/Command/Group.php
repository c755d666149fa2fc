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
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Puts items into a new group, at the place of the foremost of them. Nothing moves on the sheet. */
final readonly class Group implements Command, SelectsWhatItMade
{
    private function __construct(private string $called)
    {
    }

    public static function name(): string
    {
        return 'group';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name') ?? 'Group');
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $said = Words::of($draft, $selected->free);
        $order = array_values(array_intersect($draft->tree->inOrder(), $selected->free));
        $parent = $draft->tree->commonParent($order);
        $place = (new Ranks($draft))->placeOfForemost($order, $parent);
        $kind = Kinds::ofGroups();
        $group = new Item($draft->nextId(), $parent, 0, $kind, Naming::checked($this->called), new Rect(0.0, 0.0, 0.0, 0.0), 0.0, false, false, $kind->fields()->defaults);
        $draft->add($group);
        $rehousing = new Reparenting($draft);
        foreach ($order as $i => $id) {
            $rehousing->move($id, $group->id, $i * Ranks::STEP);
        }
        (new Ranks($draft))->insert($parent, $place, [$group->id]);
        (new GroupFit($draft))->fit($group->id);

        return new Report("Grouped $said".$selected->note(), [$group->id], $selected->leftOut());
    }
}
