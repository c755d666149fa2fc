<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Alignment;
use AllSquare\Core\Arrange\Edge;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Pairs;
use AllSquare\Core\Arrange\Target;
use AllSquare\Core\Arrange\Targets;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Moves;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Words;

/** Puts an edge, the centre or the baseline of items onto one line (RULES 4), or each onto that of its own anchor. */
final readonly class Align implements ArrangesBoxes, Command, Repeatable
{
    private const MOST_IN_PAIRS = 400;

    /** of those that stand half a pixel off, named with what would centre them */
    private const NAMED = 3;

    public static function name(): string
    {
        return 'align';
    }

    /**
     * @param  Edge|null  $and  of the other direction, in the same command
     * @param  list<string>  $anchors  for pairs
     */
    private function __construct(
        private Edge $edge,
        private ?Edge $and,
        private ?string $to,
        private ?string $anchor,
        private array $anchors,
        private ?string $guide,
        private By $by,
        private string $as,
    ) {
    }

    public static function from(Params $params): self
    {
        return new self(
            $params->chosen('edge', Edge::class),
            $params->choice('and', Edge::class),
            $params->word('to'),
            $params->word('anchor'),
            $params->words('anchors'),
            $params->word('guide'),
            $params->choice('by', By::class) ?? By::Frame,
            $params->word('as') ?? 'each',
        );
    }

    public function needs(): Needs
    {
        $mayNeedGround = $this->to === 'ground' || ($this->to === null && $this->anchor === null && $this->as !== 'pairs' && $this->guide === null);

        return new Needs($mayNeedGround ? Scope::Beneath : Scope::Branches, [...($this->anchor === null ? [] : [$this->anchor]), ...$this->anchors], sorts: $this->guide === null ? [] : [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->as === 'pairs') {
            $items = array_values(array_diff($items, $this->anchors));
        }
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft, $this->by);
        $shown = array_values(array_filter($selected->ids, static fn (string $id): bool => ! $mover->boxes->showsNothing($id)));
        $anchor = $this->anchor ?? (count($selected->locked) === 1 && count($shown) > 1 ? $selected->locked[0] : null);
        $to = $this->target($shown, $anchor);
        $moving = array_values(array_filter($selected->free, static fn (string $id): bool => ! ($to === 'anchor' && $id === $anchor) && in_array($id, $shown, true)));
        if ($moving === []) {
            throw Refusal::because('There is nothing to move: select something besides the anchor.', 'items');
        }
        foreach ($this->as === 'pairs' ? $this->anchors : array_filter([$anchor]) as $fixed) {
            self::refuseInside($draft, $fixed, $moving);
        }
        if ($this->and !== null && $this->and->axis() === $this->edge->axis()) {
            throw Refusal::because('Both edges run the same way: name one of each direction.', 'and');
        }
        // What things lie on, and which partner each has, is settled before the first of them moves.
        $targets = new Targets($draft, $mover);
        $partners = $this->as === 'pairs' ? $this->partners($draft, $mover, $moving) : [];
        $grounds = $to === 'ground' && $this->as === 'each' && count($moving) > 1 ? $this->grounds($mover, $targets, $moving) : [];
        $name = '';
        $halves = [];
        foreach ($this->edges() as $edge) {
            $alignment = new Alignment($mover, $edge, new Baseline($draft->tree, $mover->boxes, $draft->fonts));
            $halves[] = [$edge, match (true) {
                $partners !== [] => $this->onto($alignment, array_map(fn (string $anchor): Rect => $this->lineOf($alignment, $mover->box($anchor), $anchor), $partners)),
                $grounds !== [] => $this->onto($alignment, $grounds),
                default => $this->together($alignment, $draft, $mover, $targets, $to, $anchor, $moving, $name),
            }];
        }
        $name = match (true) {
            $partners !== [] => 'their own partners',
            $grounds !== [] => 'what each lies on',
            default => $name,
        };

        return $this->report($draft, $selected, $moving, $name, $halves);
    }

    /**
     * @param  list<string>  $moving
     *
     * @throws Refusal when an anchor would move along with what is aligned to it
     */
    private static function refuseInside(Draft $draft, string $anchor, array $moving): void
    {
        foreach ($moving as $id) {
            if ($draft->tree->isWithin($anchor, $id)) {
                throw Refusal::because(sprintf('%s lies in %s and would move along with it. Choose an anchor outside.', Words::quoted($draft->item($anchor)), Words::quoted($draft->item($id))), 'anchor');
            }
        }
    }

    /** @return non-empty-list<Edge> */
    private function edges(): array
    {
        return $this->and === null ? [$this->edge] : [$this->edge, $this->and];
    }

    /**
     * All to one line.
     *
     * @param  non-empty-list<string>  $moving
     * @param  string  $name  gets the target in words
     * @return list<array{id: string, at: float, exact: float, sizes: list<float>}>
     */
    private function together(Alignment $alignment, Draft $draft, Mover $mover, Targets $targets, string $to, ?string $anchor, array $moving, string &$name): array
    {
        // Locked items are no part of the box that the others have in common: aligned twice, it would be another one.
        $block = Rect::unionOf(array_map($mover->box(...), $moving)) ?? $draft->sheet()->box();
        $target = match ($to) {
            'selection' => new Target($block, 'each other'),
            'anchor' => $this->anchored($targets, $alignment, $anchor),
            'margins' => $targets->margins(),
            'ground' => $targets->ground($moving, $block),
            'guide' => $targets->guide($this->guide ?? throw Refusal::because('Name the guide.', 'guide'), $alignment->edge->axis()),
            default => $targets->sheet(),
        };
        $name = $target->name;
        if ($this->as === 'one') {
            $alignment->block($moving, $block, $target->box, $draft->sheet()->wholePixels && $this->by !== By::Ink, $to === 'selection');

            return [];
        }

        return $alignment->each($moving, $target->box, $to === 'selection');
    }

    /** @param  list<string>  $shown */
    private function target(array $shown, ?string $anchor): string
    {
        return match (true) {
            $this->to !== null => $this->to,
            $this->guide !== null => 'guide',
            $anchor !== null => 'anchor',
            count($shown) === 1 || $this->as === 'one' => 'ground',
            default => 'selection',
        };
    }

    private function anchored(Targets $targets, Alignment $alignment, ?string $anchor): Target
    {
        $target = $targets->item($anchor ?? throw Refusal::because('Name the item that the others are aligned to.', 'anchor'));

        return new Target($this->lineOf($alignment, $target->box, $anchor), $target->name);
    }

    /** The box of an anchor; for baselines, its baseline. */
    private function lineOf(Alignment $alignment, Rect $box, string $anchor): Rect
    {
        return $alignment->edge->isBaseline() ? new Rect($box->x, $alignment->lineOf($anchor), $box->w, 0.0) : $box;
    }

    /**
     * @param  array<string, Rect>  $goals  by id
     * @return list<array{id: string, at: float, exact: float, sizes: list<float>}>
     */
    private function onto(Alignment $alignment, array $goals): array
    {
        $halves = [];
        foreach ($goals as $id => $goal) {
            array_push($halves, ...$alignment->each([(string) $id], $goal, false));
        }

        return $halves;
    }

    /**
     * @param  non-empty-list<string>  $ids
     * @return array<string, Rect>
     */
    private function grounds(Mover $mover, Targets $targets, array $ids): array
    {
        $grounds = [];
        foreach ($ids as $id) {
            $grounds[$id] = $targets->ground([$id], $mover->box($id))->box;
        }

        return $grounds;
    }

    /**
     * @param  non-empty-list<string>  $ids
     * @return non-empty-array<string, string> anchors by item
     */
    private function partners(Draft $draft, Mover $mover, array $ids): array
    {
        if ($this->anchors === []) {
            throw Refusal::because('Name the anchors, one for each item.', 'anchors');
        }
        if (max(count($ids), count($this->anchors)) > self::MOST_IN_PAIRS) {
            throw Refusal::because(self::MOST_IN_PAIRS.' pairs at most are found at once.', 'items');
        }

        // @phpstan-ignore return.type (there is one of each at least)
        return Pairs::of($mover->boxesOf($ids), $mover->boxesOf(Selected::of($draft, $this->anchors)->ids));
    }

    /**
     * @param  list<string>  $moving
     * @param  list<array{Edge, list<array{id: string, at: float, exact: float, sizes: list<float>}>}>  $halves  by edge
     */
    private function report(Draft $draft, Selected $selected, array $moving, string $target, array $halves): Report
    {
        $moves = Moves::of($draft, $moving);
        $summary = sprintf(
            'Aligned %s by %s to %s%s: %s',
            Words::of($draft, $moving),
            Edge::named($this->edges()),
            $target,
            $this->as === 'one' && count($moving) > 1 ? ' as one' : '',
            $moves->said(),
        );
        $off = array_merge(...array_column($halves, 1));
        foreach ($halves as [$edge, $found]) {
            foreach (array_slice($found, 0, self::NAMED) as $one) {
                $summary .= sprintf(
                    '; %s is at %s, exact %s %s%s',
                    Words::quoted($draft->item($one['id'])),
                    Spoken::length($one['at']),
                    $edge === Edge::Middle ? 'middle' : 'centre',
                    Spoken::length($one['exact']),
                    $one['sizes'] === [] ? '' : sprintf(' (%s %s would centre)', implode(' or ', array_map(Spoken::length(...), $one['sizes'])), $edge === Edge::Middle ? 'high' : 'wide'),
                );
            }
            if (count($found) > self::NAMED) {
                $summary .= sprintf('; %d more are half a pixel off', count($found) - self::NAMED);
            }
        }

        return new Report($summary.$selected->note(), $selected->ids, ['moved' => $moves->listed()] + $selected->leftOut() + ($off === [] ? [] : ['half_pixels' => $off]));
    }
}
