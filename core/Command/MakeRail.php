<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\RailMaker;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Field\RailField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\LaysOut;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\RailRules;
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

/**
 * Makes a rail of a tray, or of things, which are put into a tray without a look of its own first: it lays them out just as they lie,
 * so that nothing moves, and keeps them so from then on.
 */
final readonly class MakeRail implements Command, SelectsWhatItMade
{
    private function __construct(private string $called, private ?string $direction)
    {
    }

    public static function name(): string
    {
        return 'make-rail';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name') ?? 'Rail', $params->word('direction'));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $only = count($selected->free) === 1 ? $draft->item($selected->free[0]) : null;
        $tray = $only?->kind instanceof LaysOut ? $only : $this->tray($draft, $selected->free);
        if ($tray->rail() !== null) {
            throw Refusal::because(Words::quoted($tray).' is a rail already.', 'items');
        }
        $boxes = $this->boxes($draft, $tray);
        if ($boxes === []) {
            $draft->put($tray->withFields(['rail' => new RailRules($this->axis() ?? Axis::X)]));

            return new Report(sprintf('Made %s a rail', Words::quoted($tray)).$selected->note(), [$tray->id], $selected->leftOut());
        }
        [$rules, $berths] = RailMaker::of($boxes, new Rect(0.0, 0.0, $tray->frame->w, $tray->frame->h), $this->axis());
        foreach ([$rules->gap, ...$rules->padding->toArray(), ...array_merge(...array_map(static fn (Berth $berth): array => [$berth->before, $berth->aside], array_values($berths)))] as $length) {
            if (abs($length) > RailField::MOST) {
                throw Refusal::because('These lie too far apart: a rail holds what is at most 100,000 px from each other.', 'items');
            }
        }
        $ranks = array_keys(array_diff_key(array_fill_keys(array_map(static fn (Item $child): string => $child->id, $draft->tree->children($tray->id)), true), $berths));
        foreach ([...array_map(strval(...), array_keys($berths)), ...$ranks] as $i => $id) {
            $child = $draft->item((string) $id)->with(['rank' => $i * Ranks::STEP]);
            $draft->put(isset($berths[$id]) ? $child->withFields(['berth' => $berths[$id]->toArray() === [] ? null : $berths[$id]]) : $child);
        }
        $draft->put($draft->item($tray->id)->withFields(['rail' => $rules]));

        return new Report(sprintf('Made %s a %s with gaps of %s', Words::quoted($tray), $rules->direction === Axis::X ? 'row' : 'column', Spoken::length($rules->gap)).$selected->note(), [$tray->id], $selected->leftOut());
    }

    private function axis(): ?Axis
    {
        return $this->direction === null ? null : ($this->direction === 'column' ? Axis::Y : Axis::X);
    }

    /** @param  list<string>  $ids */
    private function tray(Draft $draft, array $ids): Item
    {
        $id = MakeTray::from(new Params(['name' => $this->called]))->run($draft, $ids)->selection[0];
        $tray = $draft->item($id)->withFields(['fill' => null, 'outline' => null]);
        $draft->put($tray);

        return $tray;
    }

    /** @return array<string, Rect> of what is seen in it, in its own space, by id */
    private function boxes(Draft $draft, Item $tray): array
    {
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $seen = array_filter($draft->tree->children($tray->id), static fn (Item $child): bool => ! $child->hidden && ! $boxes->showsNothing($child->id));

        return array_column(array_map(static fn (Item $child): array => [$child->id, $boxes->boundsIn($child, Matrix::identity())], $seen), 1, 0);
    }
}
