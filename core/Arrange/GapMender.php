<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Grounds;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Runs;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Words;

/** Brings single gaps and insets to a size, one after another, from how the sheet was when it was made. */
final class GapMender
{
    private readonly Mover $mover;

    /** @var array<string, array{list<string>, list<string>}> by axis and both ends: what comes before the gap in its run, and what after it */
    private array $runs = [];

    /** @var array<string, list<string>> what lies directly on something, by id */
    private array $lyingOn = [];

    /** @var array<string, true> */
    private array $moved = [];

    public function __construct(private readonly Draft $draft, Plan $plan, Ledger $ledger, By $by)
    {
        $this->mover = new Mover($draft, $by);
        foreach (Axis::cases() as $axis) {
            $gaps = array_values(array_filter($ledger->gaps, static fn (Gap $gap): bool => $gap->axis === $axis));
            foreach (Runs::of($gaps) as $run) {
                $row = [$gaps[$run[0]]->a, ...array_map(static fn (int $i): string => $gaps[$i]->b, $run)];
                foreach ($run as $place => $i) {
                    $this->runs[self::key($gaps[$i])] = [array_slice($row, 0, $place + 1), array_slice($row, $place + 1)];
                }
            }
        }
        $grounds = new Grounds($plan);
        foreach ($plan->placed as $place => $one) {
            $ground = $grounds->of($place);
            if ($ground !== null) {
                $this->lyingOn[$plan->placed[$ground]->id][] = $one->id;
            }
        }
    }

    /** @return list<string> ids of what was moved so far */
    public function moved(): array
    {
        return array_map(strval(...), array_keys($this->moved));
    }

    /** @return string|null why it cannot be, in a sentence; null when it was done */
    public function gap(Gap $gap, float $to): ?string
    {
        [$before, $after] = $this->runs[self::key($gap)];
        $now = $gap->axis->lead($this->mover->box($gap->b)) - $gap->axis->trail($this->mover->box($gap->a));
        if (! $this->holdsLocked($after)) {
            $this->shift($after, $gap->axis, $to - $now);

            return null;
        }
        if (! $this->holdsLocked($before)) {
            $this->shift($before, $gap->axis, $now - $to);

            return null;
        }

        return 'On both sides of that gap something is locked. Unlock it first.';
    }

    /** @return string|null why it cannot be, in a sentence; null when it was done */
    public function inset(EdgeGap $inset, float $to): ?string
    {
        $id = $inset->item;
        $inside = [$this->draft->item($id), ...$this->draft->tree->descendants($id)];
        foreach ($inside as $item) {
            if ($this->draft->tree->isLocked($item->id)) {
                return Words::quoted($item).' is locked and cannot be sized. Unlock it first.';
            }
        }
        if (! $this->mover->boxes->standsUpright($id) || $this->draft->item($id)->isFlat()) {
            return Words::quoted($this->draft->item($id)).' cannot be sized to an inset. Move it instead.';
        }
        $box = $this->mover->box($id);
        $target = $inset->side->shifted($box, ($inset->size - $to) * ($inset->side->isLeading() ? -1 : 1));
        if ($target->w < 0 || $target->h < 0) {
            return 'That would leave nothing of '.Words::quoted($this->draft->item($id)).'.';
        }
        (new Sizer($this->draft))->scale($id, $box, $target);
        $this->moved[$id] = true;

        return null;
    }

    /** @param  list<string>  $ids */
    private function shift(array $ids, Axis $axis, float $by): void
    {
        foreach ($this->withWhatLiesOn($ids) as $id) {
            $this->mover->shiftAlong($id, $axis, $by);
            $this->moved[$id] = true;
        }
    }

    /**
     * These and what lies on them, on that, and so on; nothing that is locked, and nothing twice with its group.
     *
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function withWhatLiesOn(array $ids): array
    {
        $found = array_fill_keys($ids, true);
        for ($waiting = $ids; $waiting !== [];) {
            $ground = array_pop($waiting);
            foreach ($this->lyingOn[$ground] ?? [] as $id) {
                if (! isset($found[$id]) && ! $this->draft->tree->isLocked($id)) {
                    $found[$id] = true;
                    $waiting[] = $id;
                }
            }
            foreach ($this->draft->tree->children($ground) as $child) {
                $waiting[] = $child->id;
            }
        }

        return array_values(array_filter(
            array_map(strval(...), array_keys($found)),
            fn (string $id): bool => array_filter($this->draft->tree->ancestors($id), static fn ($group): bool => isset($found[$group->id])) === [],
        ));
    }

    /** @param  list<string>  $ids */
    private function holdsLocked(array $ids): bool
    {
        return array_filter($ids, $this->draft->tree->isLocked(...)) !== [];
    }

    private static function key(Gap $gap): string
    {
        return "{$gap->axis->value} $gap->a $gap->b";
    }
}
