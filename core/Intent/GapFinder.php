<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/**
 * Finds gaps and insets that were meant to be equal. As many sizes as there have to be and no more: two are one where they differ by
 * no more than they are known. What a size is comes from all the rows in which it occurs, each by its ends and all between.
 */
final readonly class GapFinder
{
    /** px within which a gap may be of any size */
    public const RANGE = 100.0;

    public function __construct(private float $tolerance)
    {
    }

    /**
     * @param  list<Relation>  $relations
     * @return list<non-empty-list<Relation>> those that are one size, the best supported first
     */
    public function find(Things $things, Bodies $bodies, array $relations, float $noise): array
    {
        $bySort = [];
        foreach ($this->witnesses($things, $bodies, $relations) as $relation) {
            $bySort[$relation->sort.($relation->sort === Relation::INSET ? $things->types[$relation->fromEnd ? $relation->b : $relation->a] : '')][] = [
                'size' => $relation->size($things, $bodies), 'of' => $relation,
                'sure' => $noise * sqrt(1 / $bodies->weight($relation->a) + 1 / $bodies->weight($relation->b)),
            ];
        }
        $classes = [];
        foreach ($bySort as $distances) {
            array_push($classes, ...$this->classes($distances, $noise, $things->range()));
        }
        usort($classes, static fn (array $x, array $y): int => count($y) <=> count($x));

        return $classes;
    }

    /**
     * Two bodies have one distance, however many things say so: of these the sort that says so most often.
     *
     * @param  list<Relation>  $relations
     * @return list<Relation>
     */
    private function witnesses(Things $things, Bodies $bodies, array $relations): array
    {
        $said = $counts = [];
        foreach ($relations as $relation) {
            [$from, $to] = [$bodies->root($relation->a)[0], $bodies->root($relation->b)[0]];
            $type = $relation->type($things);
            if ($from !== $to && ! isset($said["$from $to $relation->sort"][$type])) {
                $said["$from $to $relation->sort"][$type] = $relation;
                $counts[$type] = ($counts[$type] ?? 0) + 1;
            }
        }

        return array_values(array_map(static function (array $all) use ($counts): Relation {
            uksort($all, static fn (string $x, string $y): int => $counts[$y] <=> $counts[$x] ?: substr_count($x, 'words') <=> substr_count($y, 'words'));

            return reset($all);
        }, $said));
    }

    /**
     * @param  non-empty-list<array{size: float, of: Relation, sure: float}>  $distances
     * @return list<non-empty-list<Relation>> between two pairs of things at least
     */
    private function classes(array $distances, float $noise, float $range): array
    {
        usort($distances, static fn (array $x, array $y): int => $x['size'] <=> $y['size']);
        $sizes = array_column($distances, 'size');
        $variances = array_map(static fn (float $sure): float => $sure ** 2, array_column($distances, 'sure'));
        $classes = [];
        foreach (Segments::of($sizes, $variances, LineFinder::cost($noise, min(self::RANGE, $range)), $this->tolerance / 2, 4 * $this->tolerance)->each as [$from, $to]) {
            $class = array_column(array_slice($distances, $from, $to - $from), 'of');
            if ($class === []) {
                continue;
            }
            // Facing insets of one thing that are equal say that it is in the middle, which is a line already.
            if (count(array_unique(array_map(static fn (Relation $relation): string => min($relation->a, $relation->b).' '.max($relation->a, $relation->b), $class))) > 1) {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
