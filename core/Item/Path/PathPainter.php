<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Path;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\ShapePainter;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;

final class PathPainter extends ShapePainter
{
    public function shape(Item $item): ?Shape
    {
        $path = PathField::of($item->fields['subpaths']);
        $data = PathData::write($path, 4);

        return $data === '' ? null : Shape::ofPath($data, ! $path->hasInside(), $item->word('rule'), $path->isClosed());
    }

    /** To the last digit. */
    public function path(Item $item): Path
    {
        return PathField::of($item->fields['subpaths']);
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        return $this->inkByPath($branch->item(), $toSpace);
    }
}
