<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Puts items into a new tray that lies close around them, or at a distance, at the place of the foremost of them. Nothing moves. */
final readonly class MakeTray implements Command, SelectsWhatItMade
{
    private function __construct(private string $called, private float|string $inset)
    {
    }

    public static function name(): string
    {
        return 'make-tray';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name') ?? 'Tray', $params->length('inset') ?? 0.0);
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
        $around = $this->around($draft, $order, $parent);
        $inset = (new Figures($draft))->size($this->inset, Axis::X, 'inset');
        $frame = new Rect($around->x - $inset, $around->y - $inset, $around->w + 2 * $inset, $around->h + 2 * $inset);
        $place = (new Ranks($draft))->placeOfForemost($order, $parent);
        $kind = Kinds::ofTrays();
        $tray = new Item($draft->nextId(), $parent, 0, $kind, Naming::checked($this->called), $frame->rounded(), 0.0, false, false, $kind->fields()->defaults, new Point(0.0, 0.0));
        $draft->add($tray);
        $rehousing = new Reparenting($draft);
        foreach ($order as $i => $id) {
            $rehousing->move($id, $tray->id, $i * Ranks::STEP);
        }
        (new Ranks($draft))->insert($parent, $place, [$tray->id]);

        return new Report(sprintf('Put %s into a tray of %s × %s', $said, Spoken::length($tray->frame->w), Spoken::length($tray->frame->h)).$selected->note(), [$tray->id], $selected->leftOut());
    }

    /**
     * The box round things, in the space in which the tray is to lie.
     *
     * @param  list<string>  $ids
     */
    private function around(Draft $draft, array $ids, ?string $parent): Rect
    {
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $fromSheet = $draft->tree->toSheet($parent)->inverse();
        $around = array_map(static function (string $id) use ($draft, $boxes, $fromSheet): Rect {
            $item = $draft->item($id);

            return $boxes->boundsIn($item, $fromSheet->after($draft->tree->toSheet($item->parent)));
        }, array_values(array_filter($ids, static fn (string $id): bool => ! $boxes->showsNothing($id))));

        return Rect::unionOf($around) ?? throw Refusal::because('There is nothing to be seen of what is selected.', 'items');
    }
}
