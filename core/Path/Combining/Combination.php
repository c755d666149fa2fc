<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

use AllSquare\Core\Path\Path;

/**
 * Combines shapes: the plane is divided by all their edges, and what lies between an included place and one that is not is the
 * edge of the outcome.
 *
 * Curves are followed by short straight pieces, on a grid fine enough for places to be told apart exactly by whole numbers; in the
 * outcome they are the curves themselves again, cut where they cross.
 */
final class Combination
{
    /** Smaller pieces are nothing but what rounding leaves, px2. */
    public const LEAST_AREA = 0.01;

    /**
     * @param  list<array{Path, string}>  $shapes  two or more, with what counts as inside of each: nonzero or evenodd; open runs are closed
     * @return Path of closed runs; empty where nothing is left
     */
    public static function of(array $shapes, How $how): Path
    {
        $pieces = Pieces::of(array_column($shapes, 0));
        if ($pieces === null) {
            return new Path([]);
        }
        $edges = Edges::between(Crossings::cut($pieces->list), count($shapes));
        $kept = (new Sides($edges, array_column($shapes, 1), $how))->borders();

        return (new Rings($pieces, $kept))->path();
    }
}
