<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Field\RailField;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Gives things in rails numbers of their own: an extra gap before them, a shift aside, a share of what is left, a lift over others. */
final readonly class SetBerth implements Command, GoesOn
{
    private const SAID = ['before' => 'more before it', 'aside' => 'aside by', 'share' => 'a share of', 'over' => 'lifted by'];

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-berth';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $members = array_values(array_filter($selected->free, static function (string $id) use ($draft): bool {
            $parent = $draft->item($id)->parent;

            return $parent !== null && $draft->item($parent)->rail() !== null;
        }));
        $given = array_intersect_key($this->params->all(), self::SAID);
        if ($members === [] || $given === []) {
            throw Refusal::because($given === [] ? 'Say what of its place is to change.' : 'Select something that lies in a rail.', 'items');
        }
        $figures = new Figures($draft);
        foreach (['before', 'aside'] as $name) {
            $length = $this->params->length($name);
            if ($length !== null) {
                $given[$name] = $figures->within($length, Axis::X, $name, RailField::MOST);
            }
        }
        foreach ($members as $id) {
            $item = $draft->item($id);
            $berth = Berth::read($given + $item->berth()->toArray());
            $draft->put($item->withFields(['berth' => $berth->toArray() === [] ? null : $berth]));
        }

        $now = $draft->item($members[0])->berth()->toArray();
        $said = array_map(static fn (string $name): string => self::SAID[$name].' '.Spoken::length((float) ($now[$name] ?? 0.0)), array_keys(array_intersect_key(self::SAID, $given)));

        return new Report('Set '.Words::of($draft, $members).': '.implode(', ', $said).$selected->note(), $selected->ids, $selected->leftOut());
    }
}
