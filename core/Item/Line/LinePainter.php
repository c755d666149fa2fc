<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Line;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;

final class LinePainter extends Painter
{
    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        $path = 'M0 0H'.Length::text($item->frame->w);

        return new Painting([new Element('path', ['d' => $path] + Look::attributes($item))], new Hit($path, false, Look::outline($item)->weight ?? 0.0));
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        $reach = Look::reach($item);
        if ($item->frame->w <= 0 || Look::paintsNothing($item)) {
            return null;
        }

        return $toSpace->bounds(new Rect(0.0, -$reach, $item->frame->w, 2 * $reach));
    }
}
