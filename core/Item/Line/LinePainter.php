<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Line;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look;
use AllSquare\Core\Item\Painter;

final class LinePainter implements Painter
{
    public function svg(Item $item): string
    {
        return sprintf("<path d='M0 0H%s'%s/>", Length::text($item->frame->w), Look::attributes($item));
    }

    public function ink(Item $item, Matrix $toSheet): ?Rect
    {
        $reach = Look::reach($item);
        if ($item->frame->w <= 0 || Look::paintsNothing($item)) {
            return null;
        }

        return $toSheet->bounds(new Rect(0.0, -$reach, $item->frame->w, 2 * $reach));
    }
}
