<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Arc;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\ShapePainter;

final class ArcPainter extends ShapePainter
{
    public function shape(Item $item): ?Shape
    {
        $arc = Arc::of($item, Matrix::identity());
        if ($arc === null) {
            return null;
        }

        return Shape::ofPath($this->data($item, $arc), $arc->isBare());
    }

    private function data(Item $item, Arc $arc): string
    {
        $begin = 'M'.self::pair($arc->outer($arc->start));
        $outer = $this->along($item, $arc, false);
        $isRing = $arc->hole > 0.0 && ! $arc->isBare();
        $inner = $isRing ? self::pair($arc->inner($arc->end())).$this->along($item, $arc, true) : self::pair($arc->centre);

        return match (true) {
            $arc->isBare() => $begin.$outer.($arc->isWhole() ? 'Z' : ''),
            $arc->isWhole() => "$begin{$outer}Z".($isRing ? "M{$inner}Z" : ''),
            default => "$begin{$outer}L{$inner}Z",
        };
    }

    /** In two halves, of which neither is as long as the whole round. */
    private function along(Item $item, Arc $arc, bool $isInner): string
    {
        $share = $isInner ? $arc->hole : 1.0;
        [$rx, $ry] = [Length::digits($item->frame->w / 2 * $share, 4), Length::digits($item->frame->h / 2 * $share, 4)];
        $path = '';
        foreach ($isInner ? [$arc->middle(), $arc->start] : [$arc->middle(), $arc->end()] as $to) {
            $path .= "A$rx $ry 0 0 ".($isInner ? '0' : '1').' '.self::pair($isInner ? $arc->inner($to) : $arc->outer($to));
        }

        return $path;
    }

    /** Its outermost points are where its curves run along the axes, and its corners. */
    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        $arc = Arc::of($item, $toSpace);
        if ($arc === null || Look::paintsNothing($item) || ($arc->isBare() && Look::outline($item) === null)) {
            return null;
        }
        $stroke = self::stroke($item, $arc->isBare());
        if ($arc->isBare() && $stroke->ends !== 'butt') {
            return $this->inkByPath($item, $toSpace);
        }
        $points = $arc->extremes($stroke->reach);
        foreach ($arc->isWhole() ? [] : $arc->corners() as $corner) {
            array_push($points, ...$corner->extremes($stroke));
        }

        return $points === [] ? null : Rect::around($points);
    }
}
