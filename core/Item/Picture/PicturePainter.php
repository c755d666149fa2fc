<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Picture;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Box\BoxPainter;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Dressing;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Leaf;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;

/** Paints a picture as a box is painted, the picture over its fill and cut off at its edge. */
final class PicturePainter extends Painter
{
    private readonly BoxPainter $box;

    public function __construct(private readonly PictureKind $kind)
    {
        $this->box = new BoxPainter;
    }

    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        $shape = $this->box->shape($item);
        if ($shape === null) {
            return new Painting;
        }
        $placed = $this->kind->placed($item);
        $picture = $placed === null ? null : new Element('image', [
            'href' => 'picture:'.$this->kind->picture($item->fields),
            'x' => Length::digits($placed->x, 4), 'y' => Length::digits($placed->y, 4), 'width' => Length::digits($placed->w, 4), 'height' => Length::digits($placed->h, 4),
            'preserveAspectRatio' => 'none',
        ]);

        return (new Dressing($item, $shape, $picture, $placed !== null && ($this->reachesOut($placed, $item) || $this->isRound($item))))->painting();
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        $placed = $item->number('opacity') > 0 ? $this->kind->placed($item) : null;
        if ($placed === null || Look::fill($item) !== null) {
            return $this->box->ink($branch, $toSpace);
        }
        if (! $this->isWithin($placed, $item)) {
            return $this->box->ink(new Leaf($item->withFields(['fill' => Colour::of('#000000')])), $toSpace);
        }
        $corners = array_map($toSpace->apply(...), [new Point($placed->x, $placed->y), new Point($placed->right(), $placed->y), new Point($placed->right(), $placed->bottom()), new Point($placed->x, $placed->bottom())]);

        return Rect::unionOf(array_values(array_filter([Rect::around($corners), $this->box->ink($branch, $toSpace)])));
    }

    private function isRound(Item $item): bool
    {
        return $item->number('radius') > 0 || is_array($item->fields['radii']);
    }

    private function reachesOut(Rect $placed, Item $item): bool
    {
        return $placed->x < -Length::SAME || $placed->y < -Length::SAME || $placed->right() > $item->frame->w + Length::SAME || $placed->bottom() > $item->frame->h + Length::SAME;
    }

    /** Whether some of the frame is not covered by it, and all of it is seen. */
    private function isWithin(Rect $placed, Item $item): bool
    {
        return ! $this->reachesOut($placed, $item) && ! $this->isRound($item);
    }
}
