<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\TreeBranch;

/**
 * Gives groups the frame of their visible children, without moving anything on the sheet: the group's frame,
 * and the point of its own space that lies at the frame's corner, change together.
 */
final readonly class GroupFit
{
    private Boxes $boxes;

    public function __construct(private Draft $draft)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
    }

    /** @param  bool  $anew  also where it fits, so that its place does not depend on what was done to it before */
    public function fit(string $id, bool $anew = false): void
    {
        $group = $this->draft->item($id);
        if ($group->kind instanceof ShowsAsOne) {
            $group = $group->kind->anew(new TreeBranch($this->draft->tree, $group), $this->draft->fonts);
            $this->draft->put($group);
        }
        $union = $this->boxes->inside($id)?->rounded();
        if ($union === null) {
            return;
        }
        if (! $anew && $union->same(new Rect($group->origin->x, $group->origin->y, $group->frame->w, $group->frame->h))) {
            return;
        }
        $this->draft->put(self::reframed($group, $union));
    }

    /**
     * The group with another box of its own space as its frame; nothing in it moves on the sheet.
     *
     * Where its space lies is brought to a millionth of a pixel first, which no rounding of the numbers that say so
     * can undo: a group that is fitted to another box and back is stored in the same bytes.
     */
    public static function reframed(Item $group, Rect $inside): Item
    {
        $space = $group->toParent()->apply(new Point(0.0, 0.0));
        $space = new Point(round($space->x, 6), round($space->y, 6));
        $centre = $inside->centre()->turned($group->angle)->plus($space);
        $frame = new Rect(
            Length::round(round($centre->x - $inside->w / 2, 6)),
            Length::round(round($centre->y - $inside->h / 2, 6)),
            $inside->w,
            $inside->h,
        );
        $middle = $frame->centre();
        $shift = $space->minus($middle)->turned(-$group->angle)->plus($middle);

        return $group->with([
            'frame' => $frame,
            'origin' => new Point(
                round($frame->x - $shift->x, 9) + 0.0,
                round($frame->y - $shift->y, 9) + 0.0,
            ),
        ]);
    }
}
