<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Draft;

/** Gives an item another parent without moving it on the sheet. */
final readonly class Reparenting
{
    public function __construct(private Draft $draft)
    {
    }

    public function move(string $id, ?string $parent, int $rank): void
    {
        $item = $this->draft->item($id);
        $to = $this->draft->tree->toSheet($parent)->inverse()->after($this->draft->tree->toSheet($item->parent));
        $centre = $to->apply($item->frame->centre());
        $frame = $to->angle === 0.0
            ? $item->frame->moved($to->dx, $to->dy)
            : new Rect($centre->x - $item->frame->w / 2, $centre->y - $item->frame->h / 2, $item->frame->w, $item->frame->h);
        $this->draft->put($item->with([
            'parent' => $parent,
            'rank' => $rank,
            'frame' => new Rect(Length::round($frame->x), Length::round($frame->y), $frame->w, $frame->h),
            'angle' => Angle::keep($item->angle + $to->angle),
        ]));
    }
}
