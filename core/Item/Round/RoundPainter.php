<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Round;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look;
use AllSquare\Core\Item\Painter;

final class RoundPainter implements Painter
{
    public function svg(Item $item): string
    {
        [$rx, $ry] = [$item->frame->w / 2, $item->frame->h / 2];

        return sprintf(
            "<ellipse cx='%s' cy='%s' rx='%s' ry='%s'%s/>",
            self::exact($rx), self::exact($ry), self::exact($rx), self::exact($ry),
            Look::attributes($item),
        );
    }

    /** The extent of a turned ellipse is the length of its half axes seen along each axis of the sheet. */
    public function ink(Item $item, Matrix $toSheet): ?Rect
    {
        [$rx, $ry, $reach] = [$item->frame->w / 2, $item->frame->h / 2, Look::reach($item)];
        if ($rx <= 0 || $ry <= 0 || Look::paintsNothing($item)) {
            return null;
        }
        $cos = Angle::cos($toSheet->angle);
        $sin = Angle::sin($toSheet->angle);
        $centre = $toSheet->apply(new Point($rx, $ry));
        $across = hypot($rx * $cos, $ry * $sin) + $reach;
        $down = hypot($rx * $sin, $ry * $cos) + $reach;

        return Rect::between($centre->x - $across, $centre->y - $down, $centre->x + $across, $centre->y + $down);
    }

    /** Halves of stored lengths need a fourth decimal. */
    private static function exact(float $value): string
    {
        return Length::same($value * 1000, floor($value * 1000))
            ? Length::text($value)
            : number_format($value, 4, '.', '');
    }
}
