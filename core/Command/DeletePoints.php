<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Points\EditedPath;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Deletes points of paths; those beside them are joined. A control point that is deleted makes its part straighter. */
final readonly class DeletePoints implements Command
{
    /** @param  list<string>  $points */
    private function __construct(private array $points)
    {
    }

    public static function name(): string
    {
        return 'delete-points';
    }

    public static function from(Params $params): self
    {
        return new self(array_values(array_unique($params->words('points'))));
    }

    public function needs(): Needs
    {
        return new Needs(also: PointRef::items($this->points));
    }

    public function run(Draft $draft, array $items): Report
    {
        $refs = array_map(PointRef::read(...), $this->points);
        $ids = PointRef::items($this->points);
        $said = Words::list($draft, $ids);
        foreach ($ids as $id) {
            $path = EditedPath::of($draft, $id);
            $gone = [];
            $runs = $path->path()->subpaths;
            foreach (array_filter($refs, static fn (PointRef $ref): bool => $ref->item === $id) as $ref) {
                $path->place($ref);
                if ($ref->control !== null) {
                    $runs[$ref->run] = $runs[$ref->run]->with([$ref->point => $runs[$ref->run]->points[$ref->point]->withControl($ref->control === 'in', null)]);
                } else {
                    $gone[$ref->run][$ref->point] = true;
                }
            }
            foreach ($gone as $r => $points) {
                $left = array_values(array_diff_key($runs[$r]->points, $points));
                // Two points have no inside to be closed round, unless a curve runs between them.
                $runs[$r] = new Subpath($left, $runs[$r]->closed && (count($left) > 2 || (new Subpath($left, true))->hasCurves()));
            }
            $path->put($path->path()->with($runs));
        }
        $count = count($this->points);

        return new Report('Deleted '.($count === 1 ? '1 point' : "$count points")." of $said", array_values(array_filter($ids, $draft->tree->has(...))), ['points' => []]);
    }
}
