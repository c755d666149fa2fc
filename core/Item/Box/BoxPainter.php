<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Box;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\CornersField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\CorneredPainter;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Shape;

class BoxPainter extends CorneredPainter
{
    public function shape(Item $item): ?Shape
    {
        if (is_array($item->fields['radii'])) {
            return parent::shape($item);
        }
        $radius = $this->radius($item);
        [$w, $h, $r] = [Length::text($item->frame->w), Length::text($item->frame->h), Length::text($radius)];
        $rect = new Element('rect', ['width' => $w, 'height' => $h] + ($radius > 0 ? ['rx' => $r] : []));
        $path = $radius > 0
            ? sprintf('M%1$s 0H%2$sA%1$s %1$s 0 0 1 %3$s %1$sV%4$sA%1$s %1$s 0 0 1 %2$s %5$sH%1$sA%1$s %1$s 0 0 1 0 %4$sV%1$sA%1$s %1$s 0 0 1 %1$s 0Z', $r, Length::text($item->frame->w - $radius), $w, Length::text($item->frame->h - $radius), $h)
            : "M0 0H{$w}V{$h}H0Z";

        return new Shape($rect, $path);
    }

    /** A rounded box is a smaller box with a circle run round it, so its extent is that box's plus the radius. */
    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        if (is_array($item->fields['radii'])) {
            return parent::ink($branch, $toSpace);
        }
        [$w, $h, $reach] = [$item->frame->w, $item->frame->h, Look::reach($item)];
        if ($w <= 0 || $h <= 0 || Look::paintsNothing($item)) {
            return null;
        }
        $radius = $this->radius($item);
        $joins = Look::outline($item)->joins ?? 'miter';
        if ($joins === 'bevel' && $radius <= 0) {
            return $this->inkByPath($item, $toSpace);
        }
        $round = $radius > 0 || $joins === 'round' ? $radius + $reach : 0.0;
        $a = $w / 2 + $reach - $round;
        $b = $h / 2 + $reach - $round;
        $cos = abs(Angle::cos($toSpace->angle));
        $sin = abs(Angle::sin($toSpace->angle));
        $centre = $toSpace->apply(new Point($w / 2, $h / 2));
        $across = $a * $cos + $b * $sin + $round;
        $down = $a * $sin + $b * $cos + $round;

        return Rect::between($centre->x - $across, $centre->y - $down, $centre->x + $across, $centre->y + $down);
    }

    protected function tips(Item $item): array
    {
        [$w, $h] = [$item->frame->w, $item->frame->h];

        return $w <= 0 || $h <= 0 ? [] : [new Point(0, 0), new Point($w, 0), new Point($w, $h), new Point(0, $h)];
    }

    /** Where two on a side are longer than it together, all are made smaller alike (CSS Backgrounds 3, section 4.5). */
    protected function cuts(Item $item): array
    {
        $radii = CornersField::of($item->fields['radii']) ?? array_fill(0, 4, $this->radius($item));
        $factor = 1.0;
        foreach ([$item->frame->w, $item->frame->h, $item->frame->w, $item->frame->h] as $i => $side) {
            $both = $radii[$i] + $radii[($i + 1) % 4];
            $factor = $both > $side ? min($factor, $side / $both) : $factor;
        }

        return array_map(static fn (float $radius): float => $radius * $factor, $radii);
    }

    private function radius(Item $item): float
    {
        return min($item->number('radius'), $item->frame->w / 2, $item->frame->h / 2);
    }
}
