<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Distribution;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\SpacingMode;
use AllSquare\Core\Arrange\Target;
use AllSquare\Core\Arrange\Targets;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\By;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Makes the gaps between items equal, or the steps of one of their edges (RULES 5). */
final readonly class Distribute implements ArrangesBoxes, Command, Repeatable
{
    public static function name(): string
    {
        return 'distribute';
    }

    private function __construct(
        private Axis $axis,
        private SpacingMode $mode,
        private string $within,
        private float|string|null $extent,
        private By $by,
    ) {
    }

    public static function from(Params $params): self
    {
        return new self(
            $params->chosen('axis', Axis::class),
            $params->choice('mode', SpacingMode::class) ?? SpacingMode::Gaps,
            $params->word('within') ?? 'selection',
            $params->length('extent'),
            $params->choice('by', By::class) ?? By::Frame,
        );
    }

    public function needs(): Needs
    {
        return new Needs($this->within === 'ground' ? Scope::Beneath : Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft, $this->by);
        $ids = array_values(array_filter($selected->free, static fn (string $id): bool => ! $mover->boxes->showsNothing($id)));
        $outerStay = $this->within === 'selection' && $this->extent === null;
        $least = $outerStay ? 3 : 2;
        if (count($ids) < $least) {
            throw Refusal::because(sprintf('Spacing needs %s at least, and %s can move.', $least === 2 ? 'two items' : 'three items', count($ids) === 1 ? 'only one' : 'only '.count($ids)), 'items');
        }
        $distribution = new Distribution($mover, $this->axis, $draft->tree->inOrder(), $this->mode);
        /** @var non-empty-list<string> $ordered */
        $ordered = $distribution->ordered($ids);
        $were = $distribution->figures($ordered);
        $target = $outerStay ? null : $this->target($draft, $mover, $ordered);
        if ($target !== null) {
            $this->refuseWhatDoesNotFit($mover, $ordered, $target);
        }
        $rest = $distribution->even($ordered, $target?->box);
        $figures = $distribution->figures($ordered);

        return new Report(
            $this->summary($draft, $ordered, $figures, $were, $rest['divides'], $target).$selected->note(),
            $selected->ids,
            [$this->mode === SpacingMode::Gaps ? 'gaps' : 'steps' => $figures, 'were' => $were, ...$rest, ...$selected->leftOut()] + $this->fit($mover, $ordered, $figures),
        );
    }

    /**
     * @param  non-empty-list<string>  $ordered
     */
    private function target(Draft $draft, Mover $mover, array $ordered): Target
    {
        $targets = new Targets($draft, $mover);
        $block = Rect::unionOf(array_map($mover->box(...), $ordered)) ?? $draft->sheet()->box();
        if ($this->extent !== null) {
            $size = (new Figures($draft))->size($this->extent, $this->axis, 'extent');

            return new Target($this->axis === Axis::X ? new Rect($block->x, $block->y, $size, $block->h) : new Rect($block->x, $block->y, $block->w, $size), 'that extent');
        }

        return match ($this->within) {
            'margins' => $targets->margins(),
            'ground' => $targets->ground($ordered, $block),
            default => $targets->sheet(),
        };
    }

    /** @param  non-empty-list<string>  $ordered */
    private function refuseWhatDoesNotFit(Mover $mover, array $ordered, Target $target): void
    {
        $needs = array_sum(array_map(fn (string $id): float => $this->axis->size($mover->box($id)), $ordered));
        $has = $this->axis->size($target->box);
        if ($this->mode === SpacingMode::Gaps && $needs > $has + Length::SAME) {
            throw Refusal::because(sprintf('It does not fit %s: needs %s, has %s (%s).', $this->axis->word(), Spoken::length($needs), Spoken::length($has), $target->name), 'within');
        }
    }

    /**
     * @param  list<string>  $ordered
     * @param  list<float>  $figures
     * @param  list<float>  $were
     * @param  list<array{extent: float, gap: float}>  $divides
     */
    private function summary(Draft $draft, array $ordered, array $figures, array $were, array $divides, ?Target $target): string
    {
        $summary = sprintf('Spaced %s %s%s: %s %s', Words::of($draft, $ordered), $this->axis->word(), $target === null ? '' : " within $target->name", $this->mode->words(), Words::figures($figures));
        if ($figures !== $were) {
            $summary .= ' (were '.Words::figures($were).')';
        }
        if ($divides !== []) {
            $summary .= sprintf('; %s would divide into %s of %s', Spoken::length($divides[0]['extent']), $this->mode === SpacingMode::Gaps ? 'gaps' : 'steps', Spoken::length($divides[0]['gap']));
        }

        return $summary;
    }

    /**
     * What there is and what the sizes need, where they do not fit with gaps of 0 or more.
     *
     * @param  list<string>  $ordered
     * @param  list<float>  $figures
     * @return array<string, mixed>
     */
    private function fit(Mover $mover, array $ordered, array $figures): array
    {
        if ($this->mode !== SpacingMode::Gaps || array_sum($figures) >= 0) {
            return [];
        }
        $sizes = array_sum(array_map(fn (string $id): float => $this->axis->size($mover->box($id)), $ordered));

        return ['needs' => Length::round($sizes), 'has' => Length::round($sizes + array_sum($figures))];
    }
}
