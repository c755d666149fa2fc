<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Moves;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\SnapRequest;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Moves items by a distance of the sheet. */
final readonly class MoveBy implements ArrangesBoxes, Command, GoesOn, Repeatable
{
    public static function name(): string
    {
        return 'move-by';
    }

    private function __construct(private float|string $dx, private float|string $dy, private bool $asOne, private ?SnapRequest $snap, private ?Params $into)
    {
    }

    public static function from(Params $params): self
    {
        return new self($params->length('dx') ?? 0.0, $params->length('dy') ?? 0.0, $params->word('as') === 'one', SnapRequest::from($params->value('snap')), MoveInto::wish($params));
    }

    public function needs(): Needs
    {
        if ($this->into === null) {
            return $this->snap === null ? new Needs : $this->snap->needs();
        }
        $parent = $this->into->word('parent');
        $snap = $this->snap?->needs() ?? new Needs;

        return new Needs($snap->scope === Scope::Branches ? Scope::Order : $snap->scope, $parent === null ? [] : [$parent], $snap->sorts, $snap->plan, $snap->points);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $figures = new Figures($draft);
        $mover = new Mover($draft);
        [$byX, $byY, $met] = $this->distances($draft, $selected->free);
        $block = Rect::unionOf(array_map($mover->box(...), $selected->free));
        foreach ($selected->free as $id) {
            $item = $draft->item($id);
            $box = $this->asOne && $block !== null ? $block : $mover->box($id);
            $exempt = $this->asOne ? ! $draft->sheet()->wholePixels : $mover->isExempt($id);
            $dx = $this->whole($byX ?? $figures->read($this->dx, Axis::X, 'dx', $item), $box->x, $exempt);
            $dy = $this->whole($byY ?? $figures->read($this->dy, Axis::Y, 'dy', $item), $box->y, $exempt);
            $mover->shift($id, $dx, $dy);
        }

        $moves = Moves::of($draft, $selected->free);
        $summary = self::summary($draft, $selected->free, $moves);
        $summary .= MoveInto::follow($draft, $selected->free, $this->into);

        return new Report($summary.$selected->note(), $selected->ids, ['moved' => $moves->listed()] + ($this->snap === null ? [] : ['lines' => $met]) + $selected->leftOut());
    }

    /**
     * With snapping all move as far as the block of them does.
     *
     * @param  list<string>  $ids
     * @return array{float|null, float|null, list<array<string, mixed>>}
     */
    private function distances(Draft $draft, array $ids): array
    {
        if ($this->snap === null) {
            return [null, null, []];
        }
        $figures = new Figures($draft);

        return $this->snap->snap($draft, $ids, $this->snap->block($draft, $ids), $figures->read($this->dx, Axis::X, 'dx'), $figures->read($this->dy, Axis::Y, 'dy'));
    }

    /** The distance that leaves the edge on a whole pixel; along an axis that is not moved, none. */
    private function whole(float $by, float $edge, bool $exempt): float
    {
        return $by === 0.0 || $exempt ? $by : Length::whole($edge + $by) - $edge;
    }

    /**
     * What is said of moves, of one command or of several in a row.
     *
     * @param  list<string>  $ids
     */
    public static function summary(Draft $draft, array $ids, Moves $moves): string
    {
        $said = [];
        foreach ($moves->distances as $distance) {
            $said[self::direction($distance['dx'], $distance['dy'])] = true;
        }

        return 'Moved '.Words::of($draft, $ids).(count($said) === 1 ? ' '.array_key_first($said) : ': '.$moves->said());
    }

    private static function direction(float $dx, float $dy): string
    {
        $parts = [];
        if ($dx !== 0.0) {
            $parts[] = Words::px(abs($dx)).($dx > 0 ? ' right' : ' left');
        }
        if ($dy !== 0.0) {
            $parts[] = Words::px(abs($dy)).($dy > 0 ? ' down' : ' up');
        }

        return implode(' and ', $parts);
    }
}
