<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Polygon;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\CorneredPainter;

final class PolygonPainter extends CorneredPainter
{
    /** The first corner stands upright; all together fill the frame. */
    protected function tips(Item $item): array
    {
        if ($item->frame->w <= 0 || $item->frame->h <= 0) {
            return [];
        }
        $sides = (int) $item->number('sides');
        $star = is_float($item->fields['star']) ? $item->fields['star'] : null;
        $count = $star === null ? $sides : 2 * $sides;
        $unit = array_map(static fn (int $i): Point => (new Point(0.0, $i % 2 === 1 && $star !== null ? -$star : -1.0))->turned(360.0 * $i / $count), range(0, $count - 1));
        $box = Rect::around($unit);
        [$across, $down] = [$item->frame->w / $box->w, $item->frame->h / $box->h];

        return array_map(static fn (Point $p): Point => new Point(($p->x - $box->x) * $across, ($p->y - $box->y) * $down), $unit);
    }
}
