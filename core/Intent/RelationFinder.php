<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Adjacency;
use AllSquare\Core\Sheet\Placed;

/** Finds the gaps between things that lie next to each other, and how far things lie in those that they lie on. */
final readonly class RelationFinder
{
    /**
     * @param  list<Placed>  $placed
     * @param  array<int, int>  $grounds  what each lies on, of those that lie on others of them
     */
    public function __construct(private array $placed, private array $grounds)
    {
    }

    /** @return list<Relation> */
    public function find(Axis $axis): array
    {
        $relations = $isFirst = $isLast = [];
        $boxes = array_map(static fn (Placed $one): Rect => $one->box, $this->placed);
        foreach ((new Adjacency($boxes, $axis))->pairs as [$a, $b]) {
            // The gap beside a ragged side is none.
            if ($this->stands($a, $axis, 1.0) && $this->stands($b, $axis, 0.0)) {
                $relations[] = Relation::gap($a, $b);
            }
            if (isset($this->grounds[$a], $this->grounds[$b]) && $this->grounds[$a] === $this->grounds[$b]) {
                $isFirst[$b] = $isLast[$a] = false;
            }
        }
        // From a side of what it lies on only to what nothing lies before there.
        foreach ($this->grounds as $thing => $ground) {
            if (($isFirst[$thing] ?? true) && $this->stands($thing, $axis, 0.0)) {
                $relations[] = Relation::insetBefore($ground, $thing);
            }
            if (($isLast[$thing] ?? true) && $this->stands($thing, $axis, 1.0)) {
                $relations[] = Relation::insetAfter($ground, $thing);
            }
        }

        return $relations;
    }

    /** Whether a side of it stands where it was put, and does not follow its words. */
    private function stands(int $thing, Axis $axis, float $side): bool
    {
        $by = $this->placed[$thing]->standsBy;

        return $axis === Axis::Y || $by === null || $by === $side;
    }
}
