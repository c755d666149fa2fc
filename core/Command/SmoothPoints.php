<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Points\EditedPath;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Lets a curve run through points, or makes corners of them again. */
final readonly class SmoothPoints implements Command
{
    /** @param  list<string>  $points */
    private function __construct(private array $points, private bool $smooth)
    {
    }

    public static function name(): string
    {
        return 'smooth-points';
    }

    public static function from(Params $params): self
    {
        return new self(array_values(array_unique($params->words('points'))), $params->flag('smooth', true));
    }

    public function needs(): Needs
    {
        return new Needs(also: PointRef::items($this->points));
    }

    public function run(Draft $draft, array $items): Report
    {
        $ids = PointRef::items($this->points);
        foreach ($ids as $id) {
            $path = EditedPath::of($draft, $id);
            $runs = $path->path()->subpaths;
            foreach (array_map(PointRef::read(...), $this->points) as $ref) {
                if ($ref->item === $id) {
                    $path->place(new PointRef($id, $ref->run, $ref->point));
                    $runs[$ref->run] = $runs[$ref->run]->with([$ref->point => $this->made($runs[$ref->run], $ref->point)]);
                }
            }
            $path->put($path->path()->with($runs));
        }
        $count = count($this->points);
        $said = ($count === 1 ? '1 point' : "$count points").' of '.Words::list($draft, $ids);

        return new Report($this->smooth ? "Smoothed $said" : "Made $said ".($count === 1 ? 'a corner' : 'corners'), $ids, ['points' => $this->points]);
    }

    /** Through a point a curve runs as the points before and after it lie to each other, a third of the way to each. */
    private function made(Subpath $run, int $i): PathPoint
    {
        $at = $run->points[$i]->at;
        if (! $this->smooth) {
            return new PathPoint($at);
        }
        $count = count($run->points);
        $before = $run->closed || $i > 0 ? $run->points[($i + $count - 1) % $count]->at : null;
        $after = $run->closed || $i < $count - 1 ? $run->points[($i + 1) % $count]->at : null;
        $along = ($after ?? $at)->minus($before ?? $at);
        $length = hypot($along->x, $along->y);
        $control = static function (?Point $to, int $way) use ($at, $along, $length): ?Point {
            $reach = $to === null || $length < 1e-9 ? 0.0 : hypot($to->x - $at->x, $to->y - $at->y) / 3 / $length * $way;

            return $to === null ? null : new Point(round($at->x + $along->x * $reach, 6), round($at->y + $along->y * $reach, 6));
        };

        return new PathPoint($at, $control($before, -1), $control($after, 1), $before !== null && $after !== null);
    }
}
