<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Cut;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Slice;

/** The slices of a sheet under work: names are unique whatever their case, since they become files. */
final readonly class Slices
{
    public const MOST = 1_000;

    public function __construct(private Draft $draft)
    {
    }

    /** @param  string  $name  made unique by a number behind it */
    public function add(string $name, Rect $box, Cut $cut = new Cut): Slice
    {
        $slices = $this->draft->of(Slice::class)->all();
        if (count($slices) >= self::MOST) {
            throw Refusal::because('A sheet has 1,000 slices at most.');
        }
        $highest = $slices === [] ? 0 : max(array_map(static fn (Slice $slice): int => $slice->rank, $slices));
        $slice = new Slice($this->draft->nextId(), $highest + Ranks::STEP, $this->free($name), Slice::checked($box), $cut);
        $this->draft->of(Slice::class)->put($slice);

        return $slice;
    }

    /** The name, or the first of "name 2", "name 3" that is not taken. */
    public function free(string $name, ?string $besides = null): string
    {
        $name = Naming::checked($name);
        $taken = [];
        foreach ($this->draft->of(Slice::class)->all() as $slice) {
            if ($slice->id !== $besides) {
                $taken[mb_strtolower($slice->name)] = true;
            }
        }
        $free = $name;
        for ($n = 2; isset($taken[mb_strtolower($free)]); $n++) {
            $free = "$name $n";
        }

        return $free;
    }

    /**
     * Slices that follow an item go where it went, and go with it when it is deleted, as do those that take items alone
     * when none of these is left (RULES 12).
     *
     * @param  Change  $change  of the items
     * @return bool whether any slice is not as it was
     */
    public function follow(Change $change): bool
    {
        $any = $this->dropOfRemoved();
        $followers = array_filter($this->draft->of(Slice::class)->all(), static fn (Slice $slice): bool => $slice->cut->follows && $slice->cut->items !== []);
        if ($followers === []) {
            return $any;
        }
        $isTouched = array_flip($change->touched());
        $holdsTouched = [];
        // What left a group changes it as well as what came.
        foreach ([$this->draft->tree, $this->draft->before()] as $tree) {
            foreach (array_filter(array_map(strval(...), array_keys($isTouched)), $tree->has(...)) as $id) {
                foreach ($tree->ancestors($id) as $group) {
                    $holdsTouched[$group->id] = true;
                }
            }
        }
        $boxes = new Boxes($this->draft->tree, $this->draft->fonts);
        foreach ($followers as $slice) {
            $item = $slice->cut->items[0];
            if ($this->isLoaded($item) && (isset($isTouched[$item]) || isset($holdsTouched[$item]) || $this->liesInAny($item, $isTouched))) {
                $box = Slice::outward($boxes->bounds($item));
                if (! $box->same($slice->box) && $box->w >= 1.0 && $box->h >= 1.0) {
                    $this->draft->of(Slice::class)->put(new Slice($slice->id, $slice->rank, $slice->name, $box, $slice->cut));
                    $any = true;
                }
            }
        }

        return $any;
    }

    /** @return bool whether any slice is not as it was */
    private function dropOfRemoved(): bool
    {
        $any = false;
        foreach ($this->draft->of(Slice::class)->all() as $slice) {
            $left = array_values(array_filter($slice->cut->items, fn (string $id): bool => ! $this->draft->wasRemoved($id)));
            if ($left === $slice->cut->items) {
                continue;
            }
            $slice->cut->follows || ($slice->cut->only && $left === [])
                ? $this->draft->of(Slice::class)->remove($slice->id)
                : $this->draft->of(Slice::class)->put(new Slice($slice->id, $slice->rank, $slice->name, $slice->box, $slice->cut->with(['items' => $left])));
            $any = true;
        }

        return $any;
    }

    /** Whether all of it is there to be measured: of groups that only count for their order, the contents are not loaded. */
    private function isLoaded(string $item): bool
    {
        $tree = $this->draft->tree;

        return $tree->has($item) && (! $tree->item($item)->kind->holdsItems() || $tree->children($item) !== []);
    }

    /** @param  array<array-key, int>  $groups  by id */
    private function liesInAny(string $item, array $groups): bool
    {
        foreach ($this->draft->tree->ancestors($item) as $group) {
            if (isset($groups[$group->id])) {
                return true;
            }
        }

        return false;
    }
}
