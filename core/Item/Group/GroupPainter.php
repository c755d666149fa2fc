<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Group;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;

/** A group paints nothing of its own; its ink is that of its children (Measure\Boxes). */
final class GroupPainter extends Painter
{
    public function paint(Branch $branch): Painting
    {
        return new Painting;
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        return null;
    }
}
