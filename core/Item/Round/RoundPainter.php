<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Round;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;

final class RoundPainter extends Painter
{
    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        // Halves of stored lengths need a fourth decimal.
        [$rx, $ry] = [Length::digits($item->frame->w / 2, 4), Length::digits($item->frame->h / 2, 4)];

        return new Painting(
            [new Element('ellipse', ['cx' => $rx, 'cy' => $ry, 'rx' => $rx, 'ry' => $ry] + Look::attributes($item))],
            new Hit(sprintf('M0 %2$sA%1$s %2$s 0 0 1 %3$s %2$sA%1$s %2$s 0 0 1 0 %2$sZ', $rx, $ry, Length::text($item->frame->w)), Look::fill($item) !== null, Look::outline($item)->weight ?? 0.0),
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
