<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Traits\NoGround;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Tree;

/** Makes plans of items. The application makes the same ones from the boxes that are stored. */
final class Planning
{
    /** @param  Baseline|null  $baselines  where it is wanted too how letters stand */
    public static function of(Tree $tree, Boxes $boxes, By $by, ?Baseline $baselines = null): Plan
    {
        $seen = [];
        foreach ($tree->inOrder() as $id) {
            $item = $tree->item($id);
            if (! $tree->isHidden($id) && ! $tree->isReference($id) && ! $boxes->showsNothing($id)) {
                $seen[] = new Placed($id, $item->parent, $boxes->box($id, $by), ! $item->kind instanceof NoGround, $baselines?->of($id), $baselines?->standsBy($id), $tree->isLocked($id), ! $boxes->standsUpright($id), $boxes->isInexact($id), $item->keepsNumbers(), $baselines?->letterLines($id) ?? [], $baselines?->edges($id) ?? ['x' => [], 'y' => []]);
            }
        }

        return Plan::ofSeen($seen);
    }

    /** Where everything visible lay before the command that works on a draft; a command asks by one sort of boxes. */
    public static function before(Draft $draft, By $by): Plan
    {
        return $draft->plan(static function (Tree $tree) use ($draft, $by): Plan {
            $boxes = new Boxes($tree, $draft->fonts);

            return self::of($tree, $boxes, $by, new Baseline($tree, $boxes, $draft->fonts));
        });
    }
}
