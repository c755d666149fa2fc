<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Slice;

/** Slices as things to be arranged: each a box of its own on the sheet, beside the guides and the grid. */
final readonly class Plane
{
    public function __construct(private Draft $draft)
    {
    }

    /**
     * @param  array<string, Slice>  $slices  by id, all of the sheet
     * @param  bool  $among  whether the sheet's items are there as well, to snap to
     */
    public function of(array $slices, bool $among = false): Draft
    {
        $items = array_map(static fn (Slice $slice): Item => new Item($slice->id, null, $slice->rank, new PlacedSlice, $slice->name, $slice->box, 0.0, false, false, []), $slices);
        $plan = null;
        if ($among) {
            $boxes = array_map(static fn (Slice $slice): Placed => new Placed($slice->id, null, $slice->box, true), Belongings::inOrder($slices));
            $plan = Plan::ofSeen([...Planning::before($this->draft, By::Frame)->placed, ...$boxes]);
        }

        return $this->draft->plane($items, $this->draft->of(Guide::class)->all(), $plan);
    }
}
