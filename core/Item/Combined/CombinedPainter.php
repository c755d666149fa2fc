<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Combined;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\ShapePainter;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;

final class CombinedPainter extends ShapePainter
{
    public function shape(Item $item): ?Shape
    {
        $data = PathData::write(PathField::of($item->fields['outcome']), 4);

        return $data === '' ? null : Shape::ofPath($data, rule: 'evenodd');
    }

    /** To the last digit. */
    public function path(Item $item): Path
    {
        return PathField::of($item->fields['outcome']);
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        return $this->inkByPath($branch->item(), $toSpace);
    }
}
