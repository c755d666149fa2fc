<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Polygon;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;

final class PolygonPainter extends Painter
{
    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        $path = '';
        foreach ($this->corners($item, Matrix::identity()) as $corner) {
            $path .= ($path === '' ? 'M' : 'L').self::pair($corner->from);
            if ($corner->radius > 0.0) {
                $radius = Length::digits($corner->radius, 4);
                $path .= "A$radius $radius 0 0 ".($corner->isToTheRight() ? '1' : '0').' '.self::pair($corner->to);
            }
        }

        return $path === '' ? new Painting : new Painting(
            [new Element('path', ['d' => "{$path}Z"] + Look::attributes($item))],
            new Hit("{$path}Z", Look::fill($item) !== null, Look::outline($item)->weight ?? 0.0),
        );
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
            array_push($points, ...$corner->extremes(Look::reach($item)));
        }

        return $points === [] ? null : Rect::around($points);
    }

    /**
     * The first corner stands upright; all together fill the frame.
     *
     * @return list<Corner> none where the frame has no extent
     */
    private function corners(Item $item, Matrix $toSpace): array
    {
        if ($item->frame->w <= 0 || $item->frame->h <= 0) {
            return [];
        }
        $sides = (int) $item->number('sides');
        $star = is_float($item->fields['star']) ? $item->fields['star'] : null;
        $count = $star === null ? $sides : 2 * $sides;
        $unit = array_map(static fn (int $i): Point => (new Point(0.0, $i % 2 === 1 && $star !== null ? -$star : -1.0))->turned(360.0 * $i / $count), range(0, $count - 1));
        $box = Rect::around($unit);
        [$across, $down] = [$item->frame->w / $box->w, $item->frame->h / $box->h];
        $tips = array_map(static fn (Point $p): Point => $toSpace->apply(new Point(($p->x - $box->x) * $across, ($p->y - $box->y) * $down)), $unit);

        return array_map(static fn (int $i): Corner => new Corner($tips[$i], $tips[($i + $count - 1) % $count], $tips[($i + 1) % $count], $item->number('radius')), range(0, $count - 1));
    }

    private static function pair(Point $point): string
    {
        return Length::digits($point->x, 4).' '.Length::digits($point->y, 4);
    }
}
