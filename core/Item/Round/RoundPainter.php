<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Round;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\ShapePainter;

final class RoundPainter extends ShapePainter
{
    public function shape(Item $item): Shape
    {
        // Halves of stored lengths need a fourth decimal.
        [$rx, $ry] = [Length::digits($item->frame->w / 2, 4), Length::digits($item->frame->h / 2, 4)];

        return new Shape(
            new Element('ellipse', ['cx' => $rx, 'cy' => $ry, 'rx' => $rx, 'ry' => $ry]),
            sprintf('M0 %2$sA%1$s %2$s 0 0 1 %3$s %2$sA%1$s %2$s 0 0 1 0 %2$sZ', $rx, $ry, Length::text($item->frame->w)),
        );
    }

    /** The extent of a turned ellipse is the length of its half axes seen along each axis of the sheet. */
    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        [$rx, $ry, $reach] = [$item->frame->w / 2, $item->frame->h / 2, Look::reach($item)];
        if ($rx <= 0 || $ry <= 0 || Look::paintsNothing($item)) {
            return null;
        }
        $cos = Angle::cos($toSpace->angle);
        $sin = Angle::sin($toSpace->angle);
        $centre = $toSpace->apply(new Point($rx, $ry));
        $across = hypot($rx * $cos, $ry * $sin) + $reach;
        $down = hypot($rx * $sin, $ry * $cos) + $reach;

        return Rect::between($centre->x - $across, $centre->y - $down, $centre->x + $across, $centre->y + $down);
    }
}
