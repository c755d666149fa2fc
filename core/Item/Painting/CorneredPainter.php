<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;

/** Paints closed shapes of straight edges, whose corners are rounded by one radius or each by its own. */
abstract class CorneredPainter extends ShapePainter
{
    /** @return list<Point> the corners in order, px from the frame's top left; none where there is nothing to be seen */
    abstract protected function tips(Item $item): array;

    /**
     * For each corner by how much it is rounded, where that is no more than its edges have room for.
     *
     * @return list<float>|null px; null where one radius is that of all, as far as there is room
     */
    protected function cuts(Item $item): ?array
    {
        return null;
    }

    public function shape(Item $item): ?Shape
    {
        $path = '';
        foreach ($this->corners($item, Matrix::identity()) as $corner) {
            $path .= ($path === '' ? 'M' : 'L').self::pair($corner->from);
            if ($corner->radius > 0.0) {
                $radius = Length::digits($corner->radius, 4);
                $path .= "A$radius $radius 0 0 ".($corner->isToTheRight() ? '1' : '0').' '.self::pair($corner->to);
            }
        }

        return $path === '' ? null : Shape::ofPath("{$path}Z");
    }

    /** Everything in it lies between its corners, so that their outermost points are its own. */
    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        if (Look::paintsNothing($item)) {
            return null;
        }
        $points = [];
        foreach ($this->corners($item, $toSpace) as $corner) {
            array_push($points, ...$corner->extremes(self::stroke($item)));
        }

        return $points === [] ? null : Rect::around($points);
    }

    /** @return list<Corner> */
    private function corners(Item $item, Matrix $toSpace): array
    {
        $tips = array_map($toSpace->apply(...), $this->tips($item));
        $count = count($tips);

        $cuts = $this->cuts($item);

        return array_map(static fn (int $i): Corner => new Corner($tips[$i], $tips[($i + $count - 1) % $count], $tips[($i + 1) % $count], $cuts[$i] ?? $item->number('radius'), $cuts === null ? 0.5 : 1.0), array_keys($tips));
    }
}
