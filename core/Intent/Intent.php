<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Grounds;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Snap\CandidateFinder;
use AllSquare\Core\Snap\SnapKind;

/**
 * Reads the layout that was meant from where things lie (RULES 14): what lies on the sheet, and what is in each group by
 * itself, the innermost first.
 */
final class Intent
{
    /** @var array<int, Rect> where things lie by now, by place in the plan */
    private array $boxes;

    /** @var array<int, array{x: float, y: float}> px that what is in a group was moved, at most */
    private array $used = [];

    private readonly Wish $wish;

    private readonly Grounds $grounds;

    /** @var array<string, non-empty-list<int>> */
    private readonly array $siblings;

    /**
     * @param  Plan  $plan  with how letters stand
     * @param  iterable<Guide>  $guides
     * @param  Memory|null  $memory  of what was understood before
     */
    public function __construct(private readonly Sheet $sheet, private readonly Plan $plan, private readonly iterable $guides, Wish $wish, private readonly ?Memory $memory = null)
    {
        $this->wish = $wish->among(count($plan->placed));
        $this->boxes = array_map(static fn (Placed $one): Rect => $one->box, $plan->placed);
        $this->grounds = new Grounds($plan);
        $this->siblings = $plan->siblings();
    }

    /** @return list<Meant> of everything, the innermost first */
    public function ofSheet(): array
    {
        return isset($this->siblings['']) ? $this->of($this->siblings[''], $this->wish) : [];
    }

    /**
     * What sizes were meant to be, whatever comes of it.
     *
     * @return list<array{list<Placed>, list<Placed>}> what lies beside each other, as it is and as it was meant, as large as that
     */
    public function sized(): array
    {
        $sized = [];
        $by = array_column($this->plan->placed, null, 'id');
        foreach ($this->siblings as $parent => $places) {
            $holder = $by[$parent] ?? null;
            $wish = $holder === null ? $this->wish : ($holder->isTurned || $holder->locked || $holder->isSeries ? null : $this->wish->within($holder->box));
            if ($wish !== null && count($places) > 1) {
                $placed = array_map(fn (int $place): Placed => $this->plan->placed[$place], $places);
                $sized[] = [$placed, (new SizeFinder($wish))->sized($placed, $this->holds($placed))];
            }
        }

        return $sized;
    }

    /**
     * @param  list<string>  $items  that lie in none of each other; of a single group what is in it
     * @return list<Meant> of these and of what is in them, the innermost first
     */
    public function ofItems(array $items): array
    {
        $isNamed = array_flip($items);
        $places = array_keys(array_filter($this->plan->placed, static fn (Placed $one): bool => isset($isNamed[$one->id])));

        return count($places) === 1 ? $this->inside($places[0]) : $this->of($places, $this->wish);
    }

    /**
     * @param  list<int>  $places
     * @return list<Meant>
     */
    private function of(array $places, Wish $wish): array
    {
        $meant = [];
        foreach ($places as $place) {
            array_push($meant, ...$this->inside($place));
        }
        $own = $this->level($places, $wish);

        return $own === null ? $meant : [...$meant, $own];
    }

    /** @return list<Meant> */
    private function inside(int $group): array
    {
        $one = $this->plan->placed[$group];
        $children = $this->siblings[$one->id] ?? [];
        // On axes that are not the sheet's nothing is level or upright; a series is regular as it is.
        if ($children === [] || $one->isTurned || $one->locked || $one->isSeries) {
            return [];
        }
        $wish = $this->wish->within($one->box);
        if ($wish === null) {
            return [];
        }
        $meant = $this->of($children, $wish);
        if (! $one->isGround) {
            $this->boxes[$group] = Rect::unionOf(array_map(fn (int $child): Rect => $this->boxes[$child], $children)) ?? $one->box;
        }
        foreach ($children as $child) {
            $by = $this->used[$child] ?? ['x' => 0.0, 'y' => 0.0];
            $this->used[$group] = ['x' => max($by['x'], $this->used[$group]['x'] ?? 0.0), 'y' => max($by['y'], $this->used[$group]['y'] ?? 0.0)];
        }

        return $meant;
    }

    /** @param  list<int>  $places */
    private function level(array $places, Wish $wish): ?Meant
    {
        if (count($places) < 2) {
            return null;
        }
        $placed = array_map(fn (int $place): Placed => $this->plan->placed[$place]->in($this->boxes[$place]), $places);
        $sized = $wish->sizes ? (new SizeFinder($wish))->sized($placed, $this->holds($placed)) : $placed;
        $reaches = ['x' => [], 'y' => []];
        foreach ($places as $i => $place) {
            foreach (Axis::cases() as $axis) {
                $resized = abs($axis->size($sized[$i]->box) - $axis->size($placed[$i]->box)) / 2;
                $reaches[$axis->value][] = $placed[$i]->locked ? 0.0 : max(0.0, $wish->tolerance - $resized - ($this->used[$place][$axis->value] ?? 0.0));
            }
        }
        $isOnSheet = $placed[0]->parent === null;
        [$grounds, $lines] = [$this->groundsAmong($places), $isOnSheet ? $this->lines() : ['x' => [], 'y' => []]];
        // What is known is not understood once more, unless somebody asks how it came about.
        $level = static fn (): Level => new Level($sized, $grounds, $lines, $reaches, $wish);
        $key = $this->memory === null ? '' : self::key($sized, $grounds, $lines, $reaches, $wish);
        $leads = $this->memory?->leads($key);
        if ($leads === null) {
            $made = $level();
            $level = static fn (): Level => $made;
            $leads = $made->leads();
        }
        $this->memory?->keep($key, $leads);
        $meant = new Meant($placed, $sized, $leads, static fn (): array => $level()->at($leads));
        foreach ($places as $i => $place) {
            $this->boxes[$place] = $meant->boxes[$i];
            $used = $this->used[$place] ?? ['x' => 0.0, 'y' => 0.0];
            $this->used[$place] = [
                'x' => $used['x'] + abs($meant->boxes[$i]->x - $placed[$i]->box->x),
                'y' => $used['y'] + abs($meant->boxes[$i]->y - $placed[$i]->box->y),
            ];
        }

        return $meant;
    }

    /**
     * All that a level follows from, but for whose places they are.
     *
     * @param  list<Placed>  $placed
     */
    private static function key(array $placed, mixed ...$more): string
    {
        return hash('xxh128', serialize([array_map(static fn (Placed $one): array => [$one->box, $one->isGround, $one->baseline, $one->standsBy, $one->locked, $one->isTurned, $one->isInexact, $one->isSeries, $one->letterLines, $one->edges], $placed), ...array_values($more)]));
    }

    /**
     * @param  list<Placed>  $placed
     * @return list<bool> whether other things are in it
     */
    private function holds(array $placed): array
    {
        return array_map(fn (Placed $one): bool => isset($this->siblings[$one->id]), $placed);
    }

    /**
     * @param  list<int>  $places
     * @return array<int, int> what each lies on, of those that lie on others of them
     */
    private function groundsAmong(array $places): array
    {
        $at = array_flip($places);
        $grounds = [];
        foreach ($places as $i => $place) {
            $ground = $this->grounds->of($place);
            if ($ground !== null && isset($at[$ground]) && $this->plan->placed[$ground]->standsBy === null) {
                $grounds[$i] = $at[$ground];
            }
        }

        return $grounds;
    }

    /** @return array{x: list<\AllSquare\Core\Snap\SnapLine>, y: list<\AllSquare\Core\Snap\SnapLine>} */
    private function lines(): array
    {
        $candidates = (new CandidateFinder($this->sheet, Plan::ofSeen([]), $this->guides))->find([SnapKind::Guide, SnapKind::Margin, SnapKind::Grid, SnapKind::Sheet], [], null);

        return ['x' => $candidates->lines(Axis::X), 'y' => $candidates->lines(Axis::Y)];
    }
}
