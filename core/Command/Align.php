<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Alignment;
use AllSquare\Core\Arrange\Edge;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\By;
use AllSquare\Core\Measure\Ground;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Puts an edge or the centre of items onto one line (RULES 4). */
final readonly class Align implements Command
{
    public static function name(): string
    {
        return 'align';
    }

    private function __construct(
        private Edge $edge,
        private ?string $to,
        private ?string $anchor,
        private By $by,
        private bool $asOne,
    ) {
    }

    public static function from(Params $params): self
    {
        return new self(
            $params->chosen('edge', Edge::class),
            $params->word('to'),
            $params->word('anchor'),
            $params->choice('by', By::class) ?? By::Frame,
            $params->word('as') === 'one',
        );
    }

    public function needs(): Needs
    {
        return new Needs($this->mayNeedGround() ? Scope::Whole : Scope::Branches, $this->anchor === null ? [] : [$this->anchor]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft, $this->by);
        $shown = array_values(array_filter($selected->ids, static fn (string $id): bool => ! $mover->boxes->isEmptyGroup($id)));
        $to = $this->target($selected, $shown);
        $anchor = $to === 'anchor' ? $this->anchor ?? $selected->locked[0] ?? null : null;
        if ($to === 'anchor' && $anchor === null) {
            throw Refusal::because('Name the item that the others are aligned to.', 'anchor');
        }
        $free = array_values(array_filter($selected->free, static fn (string $id): bool => $id !== $anchor && in_array($id, $shown, true)));
        if ($free === []) {
            throw Refusal::because('There is nothing to move: select something besides the anchor.', 'items');
        }
        // Locked items are no part of the box that the others have in common: aligned twice, it would be another one.
        $block = Rect::unionOf(array_map($mover->box(...), $free)) ?? $draft->sheet()->box();
        [$target, $targetName] = $this->targetBox($draft, $mover, $to, $anchor, $free, $block);
        $alignment = new Alignment($mover, $this->edge);
        $halves = [];
        if ($this->asOne) {
            $alignment->block($free, $block, $target, $draft->sheet()->wholePixels && $this->by !== By::Ink);
        } else {
            $halves = $alignment->each($free, $target, $to === 'selection');
        }

        return $this->report($draft, $selected, $free, $targetName, $halves);
    }

    private function mayNeedGround(): bool
    {
        return $this->to === null && $this->anchor === null;
    }

    /** @param  list<string>  $shown */
    private function target(Selected $selected, array $shown): string
    {
        return match (true) {
            $this->to !== null => $this->to,
            $this->anchor !== null => 'anchor',
            count($selected->locked) === 1 && count($shown) > 1 => 'anchor',
            count($shown) === 1 || $this->asOne => 'ground',
            default => 'selection',
        };
    }

    /**
     * @param  non-empty-list<string>  $free
     * @return array{Rect, string} the box, and what it is called
     */
    private function targetBox(Draft $draft, Mover $mover, string $to, ?string $anchor, array $free, Rect $block): array
    {
        if ($to === 'selection') {
            return [$block, 'each other'];
        }
        if ($anchor !== null) {
            return [$mover->box($anchor), Words::quoted($draft->item($anchor))];
        }
        $ground = $to === 'ground' ? (new Ground($draft->tree, $mover->boxes))->of($free, $block) : null;

        return $ground === null
            ? [$draft->sheet()->box(), 'the sheet']
            : [$mover->box($ground->id), Words::quoted($ground)];
    }

    /**
     * @param  list<string>  $free
     * @param  list<array{id: string, at: float, exact: float, sizes: list<float>}>  $halves
     */
    private function report(Draft $draft, Selected $selected, array $free, string $target, array $halves): Report
    {
        $moves = Moves::of($draft, $free);
        $summary = sprintf(
            'Aligned %s by %s to %s%s: %s',
            Words::of($draft, $free),
            $this->edge->words(),
            $target,
            $this->asOne && count($free) > 1 ? ' as one' : '',
            $moves->said(),
        );
        if ($halves !== []) {
            $half = $halves[0];
            $summary .= sprintf(
                '; %s stands at %s for %s (%s wide would centre)',
                Words::quoted($draft->item($half['id'])),
                Length::text($half['at']),
                Length::text($half['exact']),
                implode(' or ', array_map(Length::text(...), $half['sizes'])),
            );
            $summary = $this->edge === Edge::Middle ? str_replace(' wide would', ' high would', $summary) : $summary;
        }

        return new Report($summary.$selected->note(), $selected->ids, ['moved' => $moves->listed()] + $selected->leftOut() + ($halves === [] ? [] : ['half_pixels' => $halves]));
    }
}
