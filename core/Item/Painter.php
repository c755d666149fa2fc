<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;

/** Paints items of one kind, and knows what it paints to the hair. */
interface Painter
{
    /** As SVG in the item's own space, 0 0 to w h: without place, angle and opacity, which whoever shows it sets. */
    public function svg(Item $item): string;

    /**
     * The upright box on the sheet round what is really painted, outlines with their weight.
     *
     * @param  Matrix  $toSheet  from the item's own space
     * @return Rect|null null where nothing is painted
     */
    public function ink(Item $item, Matrix $toSheet): ?Rect;
}
