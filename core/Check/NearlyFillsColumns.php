<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Sheet\SheetGrid;
use AllSquare\Core\Sheet\Words;

/** What is nearly as wide as columns of the grid, and nearly where they are. */
final class NearlyFillsColumns implements Check
{
    public function about(): About
    {
        return new About('near-columns', 'Nearly filling columns', isPlain: true, limit: new Limit('off by at most', 6.0, 0.5, 100.0, 'px'));
    }

    public function find(Looked $at): iterable
    {
        $spans = SheetGrid::spans($at->sheet, Axis::X);
        $limit = $at->limit($this);
        foreach ($spans === [] ? [] : $at->plan->placed as $one) {
            if ($one->parent !== null || $one->isTurned || $one->locked || $one->standsBy !== null) {
                continue;
            }
            $box = $one->box;
            foreach ($spans as $i => [$from]) {
                for ($k = $i; $k < count($spans); $k++) {
                    [$start, $end] = [$box->x - $from, $box->right() - $spans[$k][1]];
                    $isOff = max(abs($start), abs($end)) <= $limit && (! Length::same($start, 0.0) || ! Length::same($end, 0.0));
                    if ($isOff) {
                        $columns = $k === $i ? 'column '.($i + 1) : 'columns '.($i + 1).' to '.($k + 1);
                        yield new Finding(
                            'near-columns', [$one->id], $box,
                            sprintf('%s nearly fills %s', Words::quoted($at->tree->item($one->id)), $columns),
                            sprintf('It goes from %s to %s; %s from %s to %s.', Spoken::length($box->x), Spoken::length($box->right()), $k === $i ? 'the column' : 'the columns', Spoken::length($from), Spoken::length($spans[$k][1])),
                            $box->w, $spans[$k][1] - $from, [new Fix('fit-to-grid', [$one->id], ['columns' => [$i + 1, $k + 1]])],
                        );

                        continue 3;
                    }
                }
            }
        }
    }
}
