<?php

declare(strict_types=1);

namespace AllSquare\Core\Points;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;

/** Points as things to be arranged: each a box of no size on the sheet, beside the guides and the grid. */
final readonly class PointPlane
{
    /** @var array<string, EditedPath> by id */
    private array $paths;

    /** @var array<string, PointRef> by their text */
    private array $refs;

    /**
     * @param  list<string>  $points
     *
     * @throws Refusal when one of them is not there, or its path is locked
     */
    public function __construct(private Draft $draft, array $points)
    {
        $this->refs = array_combine($points, array_map(PointRef::read(...), $points));
        $paths = [];
        foreach ($this->refs as $ref) {
            $paths[$ref->item] ??= EditedPath::of($draft, $ref->item);
        }
        $this->paths = $paths;
    }

    /**
     * @param  bool  $among  whether the sheet's items are there as well, to snap to
     */
    public function draft(bool $among = false): Draft
    {
        $items = [];
        foreach ($this->refs as $text => $ref) {
            $items[$text] = $this->item($ref, count($items));
        }
        $plan = null;
        if ($among) {
            $seen = array_filter(Planning::before($this->draft, By::Frame)->placed, fn (Placed $one): bool => ! isset($this->paths[$one->id]));
            $plan = Plan::ofSeen([...array_values($seen), ...$this->others(), ...array_map(static fn (Item $item): Placed => new Placed($item->id, null, $item->frame, true), array_values($items))]);
        }

        return $this->draft->plane($items, $this->draft->of(Guide::class)->all(), $plan);
    }

    /** @return list<Placed> the points of paths that are not arranged, which those are snapped to */
    private function others(): array
    {
        $others = [];
        foreach (SeenPoints::of($this->draft->tree) as $text => $at) {
            if (! isset($this->refs[$text])) {
                $others[] = new Placed($text, null, (new Rect($at->x, $at->y, 0.0, 0.0))->rounded(), true);
            }
        }

        return $others;
    }

    private function item(PointRef $ref, int $rank): Item
    {
        $at = $this->paths[$ref->item]->toSheet()->apply($this->paths[$ref->item]->place($ref));

        return new Item($ref->text(), null, $rank, new PlacedPoint, 'point '.($ref->point + 1), (new Rect($at->x, $at->y, 0.0, 0.0))->rounded(), 0.0, false, false, []);
    }

    /** Brings the points of the sheet to where those of the plane have come. A point takes its control points along. */
    public function take(Draft $plane): void
    {
        foreach ($this->paths as $id => $path) {
            $back = $path->toSheet()->inverse();
            $changed = [];
            foreach ($this->refs as $text => $ref) {
                $was = $this->item($ref, 0)->frame;
                $is = $plane->item($text)->frame;
                if ($ref->item === $id && ($is->x !== $was->x || $is->y !== $was->y)) {
                    $changed[$ref->run][$ref->point][$ref->control ?? ''] = $back->applyToDistance(new Point($is->x - $was->x, $is->y - $was->y));
                }
            }
            if ($changed !== []) {
                $path->put($this->changed($path, $changed));
            }
        }
    }

    /** @param  array<int, array<int, array<string, Point>>>  $changed  by how much, by run, point and control point, '' for the point itself */
    private function changed(EditedPath $path, array $changed): Path
    {
        $runs = [];
        foreach ($changed as $r => $points) {
            $moved = [];
            foreach ($points as $p => $by) {
                $moved[$p] = self::moved($path->run($r)->points[$p], $by);
            }
            $runs[$r] = $path->run($r)->with($moved);
        }

        return $path->path()->with($runs);
    }

    /** @param  array<string, Point>  $by */
    private static function moved(PathPoint $point, array $by): PathPoint
    {
        if (isset($by[''])) {
            return self::rounded($point->moved($by['']));
        }
        foreach ($by as $control => $distance) {
            $from = $control === 'in' ? $point->in : $point->out;
            $point = $point->withControl($control === 'in', $from?->plus($distance));
        }

        return self::rounded($point);
    }

    /** What turning to and fro leaves behind the millionth is put aside. */
    private static function rounded(PathPoint $point): PathPoint
    {
        return $point->mapped(static fn (Point $p): Point => new Point(round($p->x, 6), round($p->y, 6)));
    }
}
