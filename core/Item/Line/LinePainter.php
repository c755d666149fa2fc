<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Line;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\ShapePainter;

final class LinePainter extends ShapePainter
{
    public function shape(Item $item): Shape
    {
        return Shape::ofPath('M0 0H'.Length::text($item->frame->w), isOpen: true);
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        $reach = Look::reach($item, hasNoSides: true);
        if ($item->frame->w <= 0 || Look::paintsNothing($item)) {
            return null;
        }

        if (Look::outline($item)?->ends !== 'butt') {
            return $this->inkByPath($item, $toSpace);
        }

        return $toSpace->bounds(new Rect(0.0, -$reach, $item->frame->w, 2 * $reach));
    }
}
