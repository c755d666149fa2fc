<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Slice;

/**
 * Slices that follow an item go where it went, and go with it when it is deleted, as do those that take items alone when
 * none of these is left (RULES 12).
 */
final class FollowingSlices implements Settler
{
    public function settle(Draft $draft): void
    {
        $this->dropOfRemoved($draft);
        $followers = array_filter($draft->of(Slice::class)->all(), static fn (Slice $slice): bool => $slice->cut->follows && $slice->cut->items !== []);
        if ($followers === []) {
            return;
        }
        $isTouched = array_flip($draft->change()->touched());
        $holdsTouched = [];
        // What left a group changes it as well as what came.
        foreach ([$draft->tree, $draft->before()] as $tree) {
            foreach (array_filter(array_map(strval(...), array_keys($isTouched)), $tree->has(...)) as $id) {
                foreach ($tree->ancestors($id) as $group) {
                    $holdsTouched[$group->id] = true;
                }
            }
        }
        $boxes = new Boxes($draft->tree, $draft->fonts);
        foreach ($followers as $slice) {
            $item = $slice->cut->items[0];
            if ($this->isLoaded($draft, $item) && (isset($isTouched[$item]) || isset($holdsTouched[$item]) || $this->liesInAny($draft, $item, $isTouched))) {
                $box = Slice::outward($boxes->bounds($item));
                if (! $box->same($slice->box) && $box->w >= 1.0 && $box->h >= 1.0) {
                    $draft->of(Slice::class)->put(new Slice($slice->id, $slice->rank, $slice->name, $box, $slice->cut));
                }
            }
        }
    }

    private function dropOfRemoved(Draft $draft): void
    {
        foreach ($draft->of(Slice::class)->all() as $slice) {
            $left = array_values(array_filter($slice->cut->items, static fn (string $id): bool => ! $draft->wasRemoved($id)));
            if ($left === $slice->cut->items) {
                continue;
            }
            $slice->cut->follows || ($slice->cut->only && $left === [])
                ? $draft->of(Slice::class)->remove($slice->id)
                : $draft->of(Slice::class)->put(new Slice($slice->id, $slice->rank, $slice->name, $slice->box, $slice->cut->with(['items' => $left])));
        }
    }

    /** Whether all of it is there to be measured: of groups that only count for their order, the contents are not loaded. */
    private function isLoaded(Draft $draft, string $item): bool
    {
        $tree = $draft->tree;

        return $tree->has($item) && (! $tree->item($item)->isFramedByItems() || $tree->children($item) !== []);
    }

    /** @param  array<array-key, int>  $groups  by id */
    private function liesInAny(Draft $draft, string $item, array $groups): bool
    {
        foreach ($draft->tree->ancestors($item) as $group) {
            if (isset($groups[$group->id])) {
                return true;
            }
        }

        return false;
    }
}
