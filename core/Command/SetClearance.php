<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Clearances;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Sets the distance from a selection, as one, to what lies next on one side: it moves, or that side is sized (RULES 6). */
final readonly class SetClearance implements Command, GoesOn, Repeatable
{
    public static function name(): string
    {
        return 'set-clearance';
    }

    private function __construct(private Side $side, private float|string $value, private bool $bySize, private By $by)
    {
    }

    public static function from(Params $params): self
    {
        return new self($params->chosen('side', Side::class), $params->length('value') ?? 0.0, $params->flag('by_size'), $params->choice('by', By::class) ?? By::Frame);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::beside($this->by));
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = $this->bySize ? Selected::changeable($draft, $items) : Selected::movable($draft, $items);
        $mover = new Mover($draft, $this->by);
        $free = $selected->free;
        if ($free === []) {
            throw Refusal::because('Nothing is selected. Select something first.', 'items');
        }
        $clearances = new Clearances($draft->tree, $mover->boxes, $free, $draft->sheet()->box(), $this->by);
        $was = $clearances->of($this->side);
        $value = (new Figures($draft))->read($this->value, $this->side->axis(), 'value', $draft->item($free[0]));
        // More room on the left is a move to the right; sizing moves that side alone.
        $by = ($value - $was->size) * ($this->side->isLeading() ? 1 : -1);
        $this->bySize ? $this->size($draft, $mover, $free, $clearances->box, $by) : $this->move($mover, $free, $by);
        $to = $was->to === null ? 'the edge of the sheet' : Words::quoted($was->to);
        $summary = sprintf('Set %s %s px from %s on the %s (was %s)%s', Words::of($draft, $free), Spoken::length($value), $to, $this->side->value, Spoken::length($was->size), $this->bySize ? ', by sizing' : '');

        return new Report($summary.$selected->note(), $selected->ids, $selected->leftOut());
    }

    /** @param  list<string>  $ids */
    private function move(Mover $mover, array $ids, float $by): void
    {
        foreach ($ids as $id) {
            $mover->shiftAlong($id, $this->side->axis(), $by);
        }
    }

    /** @param  non-empty-list<string>  $ids */
    private function size(Draft $draft, Mover $mover, array $ids, Rect $box, float $by): void
    {
        foreach ($ids as $id) {
            if (! $mover->boxes->standsUpright($id)) {
                throw Refusal::because(Words::quoted($draft->item($id)).' is turned, so one side of it cannot be sized to a distance. Move it instead.', 'by_size');
            }
        }
        $target = $this->side->shifted($box, $by);
        if ($target->w < 0 || $target->h < 0) {
            throw Refusal::because(sprintf('That leaves nothing: it is %s %s, and this side would go in by %s.', Spoken::length($this->side->axis()->size($box)), $this->side->axis() === Axis::X ? 'wide' : 'high', Spoken::length(abs($by))), 'value');
        }
        foreach ($ids as $id) {
            (new Sizer($draft))->scale($id, $box, $target);
        }
    }
}
