<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Box;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look;
use AllSquare\Core\Item\Painter;

final class BoxPainter implements Painter
{
    public function svg(Item $item): string
    {
        $radius = $this->radius($item);

        return sprintf(
            "<rect width='%s' height='%s'%s%s/>",
            Length::text($item->frame->w),
            Length::text($item->frame->h),
            $radius > 0 ? " rx='".Length::text($radius)."'" : '',
            Look::attributes($item),
        );
    }

    /** A rounded box is a smaller box with a circle run round it, so its extent is that box's plus the radius. */
    public function ink(Item $item, Matrix $toSheet): ?Rect
    {
        [$w, $h, $reach] = [$item->frame->w, $item->frame->h, Look::reach($item)];
        if ($w <= 0 || $h <= 0 || Look::paintsNothing($item)) {
            return null;
        }
        $radius = $this->radius($item);
        $round = $radius > 0 ? $radius + $reach : 0.0;
        $a = $w / 2 + $reach - $round;
        $b = $h / 2 + $reach - $round;
        $cos = abs(Angle::cos($toSheet->angle));
        $sin = abs(Angle::sin($toSheet->angle));
        $centre = $toSheet->apply(new Point($w / 2, $h / 2));
        $across = $a * $cos + $b * $sin + $round;
        $down = $a * $sin + $b * $cos + $round;

        return Rect::between($centre->x - $across, $centre->y - $down, $centre->x + $across, $centre->y + $down);
    }

    private function radius(Item $item): float
    {
        return min($item->number('radius'), $item->frame->w / 2, $item->frame->h / 2);
    }
}
