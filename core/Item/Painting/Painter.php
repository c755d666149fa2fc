<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;

/** Paints items of one kind, and knows what it paints to the hair. What an item holds is painted by others. */
abstract class Painter
{
    abstract public function paint(Branch $branch): Painting;

    /**
     * The upright box round what is really painted, outlines with their weight, shadows without.
     *
     * @param  Matrix  $toSpace  from the item's own space to that of the box
     * @return Rect|null null where nothing is painted
     */
    abstract public function ink(Branch $branch, Matrix $toSpace): ?Rect;

    /** A point in the data of a path: halves of stored lengths need a fourth decimal. */
    protected static function pair(Point $point): string
    {
        return Length::digits($point->x, 4).' '.Length::digits($point->y, 4);
    }
}
