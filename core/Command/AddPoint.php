<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Points\EditedPath;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;

/** Adds a point on a part of a path, which keeps its course. */
final readonly class AddPoint implements Command
{
    /** @param  float  $at  0 where the part begins, 1 where it ends */
    private function __construct(private PointRef $part, private float $at)
    {
    }

    public static function name(): string
    {
        return 'add-point';
    }

    public static function from(Params $params): self
    {
        return new self(PointRef::read($params->word('part') ?? ''), $params->number('at') ?? 0.5);
    }

    public function needs(): Needs
    {
        return new Needs(also: [$this->part->item]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $path = EditedPath::of($draft, $this->part->item);
        $run = $path->run($this->part->run);
        $i = $this->part->point;
        if ($i >= $run->countParts()) {
            throw Refusal::because($path->said().' has no such part any more.', 'part');
        }
        [$before, $after] = $run->part($i)->cut($this->at);
        $next = ($i + 1) % count($run->points);
        $isStraight = $before->isStraight;
        $points = $run->points;
        if (! $isStraight) {
            $points[$i] = new PathPoint($points[$i]->at, $points[$i]->in, $before->a, $points[$i]->smooth);
            $points[$next] = new PathPoint($points[$next]->at, $after->b, $next === $i ? $before->a : $points[$next]->out, $points[$next]->smooth);
        }
        array_splice($points, $i + 1, 0, [$isStraight ? new PathPoint($before->to) : new PathPoint($before->to, $before->b, $after->a, true)]);
        $path->put($path->path()->with([$this->part->run => new Subpath(array_values($points), $run->closed)]));

        return new Report('Added a point to '.$path->said(), [$path->item->id], ['points' => [(new PointRef($path->item->id, $this->part->run, $i + 1))->text()]]);
    }
}
