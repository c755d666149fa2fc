<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

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
use AllSquare\Core\Sheet\Draft;

/** Opens a path at a point: a closed run begins and ends there, an open one becomes two. */
final readonly class OpenPath implements Command
{
    private function __construct(private PointRef $point)
    {
    }

    public static function name(): string
    {
        return 'open-path';
    }

    public static function from(Params $params): self
    {
        return new self(PointRef::read($params->word('point') ?? ''));
    }

    public function needs(): Needs
    {
        return new Needs(also: [$this->point->item]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $path = EditedPath::of($draft, $this->point->item);
        $path->place(new PointRef($this->point->item, $this->point->run, $this->point->point));
        $run = $path->run($this->point->run);
        $i = $this->point->point;
        $here = $run->points[$i];
        [$end, $begin] = [new PathPoint($here->at, $here->in), new PathPoint($here->at, null, $here->out)];
        $runs = $path->path()->subpaths;
        if ($run->closed) {
            $opened = [[$begin, ...array_slice($run->points, $i + 1), ...array_slice($run->points, 0, $i), $end]];
        } elseif ($i === 0 || $i === count($run->points) - 1) {
            throw Refusal::because('The path ends there already.', 'point');
        } else {
            $opened = [[...array_slice($run->points, 0, $i), $end], [$begin, ...array_slice($run->points, $i + 1)]];
        }
        array_splice($runs, $this->point->run, 1, array_map(static fn (array $points): Subpath => new Subpath(array_values($points)), $opened));
        $path->put(new Path(array_values($runs)));

        return new Report('Opened '.$path->said(), [$path->item->id], ['points' => [(new PointRef($path->item->id, $this->point->run, 0))->text()]]);
    }
}
