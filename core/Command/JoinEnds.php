<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Points\EditedPath;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Joins two ends by a straight part, or in one point where they lie on one another: of one run, which is closed, or of two, also of two paths. */
final readonly class JoinEnds implements Command
{
    private function __construct(private PointRef $one, private PointRef $other)
    {
    }

    public static function name(): string
    {
        return 'join-ends';
    }

    public static function from(Params $params): self
    {
        $points = $params->words('points');

        return new self(PointRef::read($points[0] ?? ''), PointRef::read($points[1] ?? ''));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Branches, [$this->one->item, $this->other->item]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $path = EditedPath::of($draft, $this->one->item);
        $from = EditedPath::of($draft, $this->other->item);
        $said = Words::list($draft, array_values(array_unique([$this->one->item, $this->other->item])));
        [$first, $second] = [$this->endingAt($path, $this->one), $this->endingAt($from, $this->other)];
        $runs = $path->path()->subpaths;
        if ($this->one->item === $this->other->item && $this->one->run === $this->other->run) {
            if ($this->one->point === $this->other->point) {
                throw Refusal::because('Choose two ends.', 'points');
            }
            $runs[$this->one->run] = self::closed($first);
            $path->put(new Path(array_values($runs)));

            return new Report("Closed $said", [$path->item->id], ['points' => []]);
        }
        // The other run, from its end on, in the space of the first.
        $moved = $second->mapped($path->toSheet()->inverse()->after($from->toSheet())->apply(...))->reversed();
        $runs[$this->one->run] = self::joined($first, $moved);
        if ($this->one->item === $this->other->item) {
            unset($runs[$this->other->run]);
            $path->put(new Path(array_values($runs)));
        } else {
            $path->put(new Path(array_values($runs)));
            $left = $from->path()->subpaths;
            unset($left[$this->other->run]);
            $from->put(new Path(array_values($left)));
        }

        return new Report("Joined ends of $said", [$path->item->id], ['points' => []]);
    }

    /** The run so that it ends at a point. */
    private function endingAt(EditedPath $path, PointRef $end): Subpath
    {
        $path->place(new PointRef($end->item, $end->run, $end->point));
        $run = $path->run($end->run);
        if ($run->closed || ($end->point !== 0 && $end->point !== count($run->points) - 1)) {
            throw Refusal::because($path->said().' does not end at that point: only the ends of open paths can be joined.', 'points');
        }

        return $end->point === 0 && count($run->points) > 1 ? $run->reversed() : $run;
    }

    private static function closed(Subpath $run): Subpath
    {
        $points = $run->points;
        [$first, $last] = [$points[0], $points[count($points) - 1]];
        if (count($points) > 2 && self::same($first, $last)) {
            array_pop($points);
            $points[0] = new PathPoint($first->at, $last->in, $first->out);
        }

        return new Subpath(array_values($points), true);
    }

    private static function joined(Subpath $before, Subpath $after): Subpath
    {
        [$points, $more] = [$before->points, $after->points];
        [$last, $first] = [$points[count($points) - 1], $more[0]];
        if (self::same($last, $first)) {
            array_pop($points);
            array_shift($more);
            $points[] = new PathPoint($last->at, $last->in, $first->out);
        }

        return new Subpath([...$points, ...$more]);
    }

    private static function same(PathPoint $a, PathPoint $b): bool
    {
        return Length::same($a->at->x, $b->at->x) && Length::same($a->at->y, $b->at->y);
    }
}
