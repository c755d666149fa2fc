<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Alignment;
use AllSquare\Core\Arrange\Edge;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Pairs;
use AllSquare\Core\Arrange\Target;
use AllSquare\Core\Arrange\Targets;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\By;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Puts an edge, the centre or the baseline of items onto one line (RULES 4), or each onto that of its own anchor. */
final readonly class Align implements Command
{
    private const MOST_IN_PAIRS = 400;

    public static function name(): string
    {
        return 'align';
    }

    /** @param  list<string>  $anchors  for pairs */
    private function __construct(
        private Edge $edge,
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

        return new Needs($mayNeedGround ? Scope::Whole : Scope::Branches, [...($this->anchor === null ? [] : [$this->anchor]), ...$this->anchors], guides: $this->guide !== null);
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->as === 'pairs') {
            $items = array_values(array_diff($items, $this->anchors));
        }
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft, $this->by);
        $shown = array_values(array_filter($selected->ids, static fn (string $id): bool => ! $mover->boxes->isEmptyGroup($id)));
        $anchor = $this->anchor ?? (count($selected->locked) === 1 && count($shown) > 1 ? $selected->locked[0] : null);
        $to = $this->target($shown, $anchor);
        $moving = array_values(array_filter($selected->free, static fn (string $id): bool => ! ($to === 'anchor' && $id === $anchor) && in_array($id, $shown, true)));
        if ($moving === []) {
            throw Refusal::because('There is nothing to move: select something besides the anchor.', 'items');
        }
        $alignment = new Alignment($mover, $this->edge, new Baseline($draft->tree, $mover->boxes, $draft->fonts));
        if ($this->as === 'pairs') {
            return $this->report($draft, $selected, $moving, 'their own partners', $this->inPairs($draft, $mover, $alignment, $moving));
        }
        // Locked items are no part of the box that the others have in common: aligned twice, it would be another one.
        $block = Rect::unionOf(array_map($mover->box(...), $moving)) ?? $draft->sheet()->box();
        $targets = new Targets($draft, $mover);
        if ($to === 'ground' && $this->as === 'each' && count($moving) > 1) {
            return $this->report($draft, $selected, $moving, 'what each lies on', $this->eachOnItsGround($mover, $alignment, $targets, $moving));
        }
        $target = match ($to) {
            'selection' => new Target($block, 'each other'),
            'anchor' => $this->anchored($draft, $targets, $alignment, $anchor),
            'margins' => $targets->margins(),
            'ground' => $targets->ground($moving, $block),
            'guide' => $targets->guide($this->guide ?? throw Refusal::because('Name the guide.', 'guide'), $this->edge->axis()),
            default => $targets->sheet(),
        };
        if ($this->as === 'one') {
            $alignment->block($moving, $block, $target->box, $draft->sheet()->wholePixels && $this->by !== By::Ink);

            return $this->report($draft, $selected, $moving, $target->name, []);
        }

        return $this->report($draft, $selected, $moving, $target->name, $alignment->each($moving, $target->box, $to === 'selection'));
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

    /** The box of the anchor; for baselines, its baseline. */
    private function anchored(Draft $draft, Targets $targets, Alignment $alignment, ?string $anchor): Target
    {
        $target = $targets->item($anchor ?? throw Refusal::because('Name the item that the others are aligned to.', 'anchor'));

        return $this->edge === Edge::Baseline
            ? new Target(new Rect($target->box->x, $alignment->lineOf($anchor), $target->box->w, 0.0), $target->name)
            : $target;
    }

    /**
     * @param  non-empty-list<string>  $ids
     * @return list<array{id: string, at: float, exact: float, sizes: list<float>}>
     */
    private function eachOnItsGround(Mover $mover, Alignment $alignment, Targets $targets, array $ids): array
    {
        $grounds = [];
        foreach ($ids as $id) {
            $grounds[$id] = $targets->ground([$id], $mover->box($id))->box;
        }
        $halves = [];
        foreach ($grounds as $id => $ground) {
            array_push($halves, ...$alignment->each([(string) $id], $ground, false));
        }

        return $halves;
    }

    /**
     * @param  non-empty-list<string>  $ids
     * @return list<array{id: string, at: float, exact: float, sizes: list<float>}>
     */
    private function inPairs(Draft $draft, Mover $mover, Alignment $alignment, array $ids): array
    {
        if ($this->anchors === []) {
            throw Refusal::because('Name the anchors, one for each item.', 'anchors');
        }
        if (max(count($ids), count($this->anchors)) > self::MOST_IN_PAIRS) {
            throw Refusal::because(self::MOST_IN_PAIRS.' pairs at most are found at once.', 'items');
        }
        $halves = [];
        foreach (Pairs::of($mover->boxesOf($ids), $mover->boxesOf(Selected::of($draft, $this->anchors)->ids)) as $id => $anchor) {
            $target = $mover->box($anchor);
            $line = $this->edge === Edge::Baseline ? new Rect($target->x, $alignment->lineOf($anchor), $target->w, 0.0) : $target;
            array_push($halves, ...$alignment->each([$id], $line, false));
        }

        return $halves;
    }

    /**
     * @param  list<string>  $moving
     * @param  list<array{id: string, at: float, exact: float, sizes: list<float>}>  $halves
     */
    private function report(Draft $draft, Selected $selected, array $moving, string $target, array $halves): Report
    {
        $moves = Moves::of($draft, $moving);
        $summary = sprintf(
            'Aligned %s by %s to %s%s: %s',
            Words::of($draft, $moving),
            $this->edge->words(),
            $target,
            $this->as === 'one' && count($moving) > 1 ? ' as one' : '',
            $moves->said(),
        );
        if ($halves !== []) {
            $half = $halves[0];
            $summary .= sprintf(
                '; %s stands at %s for %s (%s %s would centre)',
                Words::quoted($draft->item($half['id'])),
                Length::text($half['at']),
                Length::text($half['exact']),
                implode(' or ', array_map(Length::text(...), $half['sizes'])),
                $this->edge === Edge::Middle ? 'high' : 'wide',
            );
        }

        return new Report($summary.$selected->note(), $selected->ids, ['moved' => $moves->listed()] + $selected->leftOut() + ($halves === [] ? [] : ['half_pixels' => $halves]));
    }
}
