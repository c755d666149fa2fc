<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Group;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painter;

/** A group paints nothing of its own; its ink is that of its children (Measure\Boxes). */
final class GroupPainter implements Painter
{
    public function svg(Item $item): string
    {
        return '';
    }

    public function ink(Item $item, Matrix $toSheet): ?Rect
    {
        return null;
    }
}
