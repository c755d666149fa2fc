<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Sheet\Placed;

/**
 * What holds among things: which lie on lines together, and which distances occur more than once.
 *
 * @phpstan-type Line array{axis: string, edge: string, at: float, items: list<string>}
 * @phpstan-type Distances array{axis: string, sort: string, size: float, between: non-empty-list<array{string, string}>}
 * @phpstan-type Sizes array{axis: string, size: float, items: list<string>}
 * @phpstan-type Symmetry array{axis: string, item: string, ground: string}
 */
final readonly class Pattern
{
    /**
     * @param  list<Line>  $lines  by axis, then by place, px
     * @param  list<Distances>  $distances  by axis, the most frequent first, px
     * @param  list<Sizes>  $sizes  that several have, by axis, the most frequent first, px
     * @param  list<Symmetry>  $symmetries  what is in the middle of what it lies on
     * @param  list<string>  $alone  ids of what lies on no line and has no such distance
     */
    private function __construct(public array $lines, public array $distances, public array $sizes, public array $symmetries, public array $alone)
    {
    }

    /**
     * @param  list<Placed>  $placed
     * @param  array{x: Things, y: Things}  $things
     * @param  array{x: list<Relation>, y: list<Relation>}  $relations
     */
    public static function among(array $placed, array $things, array $relations): self
    {
        $lines = $distances = $sizes = $symmetries = $isIn = [];
        $ids = array_map(static fn (Placed $one): string => $one->id, $placed);
        foreach ($things as $axis => $along) {
            foreach (self::lines($along) as [$edge, $at, $members]) {
                $items = array_map(static fn (int $i): string => $ids[$i], $members);
                $isIn += array_flip($items);
                $lines[] = ['axis' => $axis, 'edge' => $edge, 'at' => $at, 'items' => $items];
            }
            foreach (self::distances($along, $relations[$axis]) as [$sort, $size, $pairs]) {
                $between = array_map(static fn (array $pair): array => [$ids[$pair[0]], $ids[$pair[1]]], $pairs);
                $isIn += array_flip(array_merge(...$between));
                $distances[] = ['axis' => $axis, 'sort' => $sort, 'size' => $size, 'between' => $between];
            }
            foreach (self::sizes($along, count($ids)) as [$size, $members]) {
                $sizes[] = ['axis' => $axis, 'size' => $size, 'items' => array_map(static fn (int $i): string => $ids[$i], $members)];
            }
            foreach (self::symmetries($along, $relations[$axis]) as [$item, $ground]) {
                $symmetries[] = ['axis' => $axis, 'item' => $ids[$item], 'ground' => $ids[$ground]];
            }
        }
        $alone = array_values(array_filter($ids, static fn (string $id): bool => ! isset($isIn[$id])));

        return new self($lines, $distances, $sizes, $symmetries, $alone);
    }

    /** @return list<array{string, float, list<int>}> the fewest that have everything on them that lies on any, by place */
    private static function lines(Things $things): array
    {
        $byPlace = [];
        foreach (array_keys($things->leads) as $thing) {
            foreach (array_keys($things->edges[$thing]) as $edge) {
                $byPlace["$edge ".(int) round($things->edge($thing, $edge) * 1000)][] = $thing;
            }
        }
        $rank = array_flip(Things::EDGES);
        $all = [];
        foreach ($byPlace as $key => $members) {
            if (count($members) > 1) {
                [$edge] = explode(' ', $key);
                $all[] = [$edge, Length::round($things->edge($members[0], $edge)), $members];
            }
        }
        usort($all, static fn (array $a, array $b): int => count($b[2]) <=> count($a[2]) ?: $rank[$a[0]] <=> $rank[$b[0]] ?: $a[1] <=> $b[1]);
        $told = $lines = [];
        foreach ($all as [$edge, $at, $members]) {
            $items = array_values(array_filter($members, static fn (int $thing): bool => ! $things->isLine($thing)));
            $new = array_filter($items, static fn (int $thing): bool => ! isset($told[$thing]));
            if ($new !== [] && ($items !== $members || count($items) > 1)) {
                $told += array_flip($items);
                $lines[] = [$edge, $at, $items];
            }
        }
        usort($lines, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $lines;
    }

    /**
     * @param  list<Relation>  $relations
     * @return list<array{string, float, non-empty-list<array{int, int}>}> those that occur more than once
     */
    private static function distances(Things $things, array $relations): array
    {
        $bySize = [];
        foreach ($relations as $relation) {
            $size = Length::round($things->leads[$relation->b] - $things->leads[$relation->a] - $relation->rest($things));
            $bySize["$relation->sort $size"][] = [$relation->a, $relation->b];
        }
        $distances = [];
        foreach ($bySize as $key => $pairs) {
            if (count($pairs) > 1) {
                [$sort, $size] = explode(' ', $key);
                $distances[] = [$sort, (float) $size, $pairs];
            }
        }
        usort($distances, static fn (array $a, array $b): int => [$a[0], -count($a[2]), $a[1]] <=> [$b[0], -count($b[2]), $b[1]]);

        return $distances;
    }

    /** @return list<array{float, list<int>}> those that several have, the most frequent first */
    private static function sizes(Things $things, int $count): array
    {
        $bySize = [];
        for ($i = 0; $i < $count; $i++) {
            // The size of a text follows from its words.
            if (! $things->words[$i] && $things->sizes[$i] > 0) {
                $bySize[(string) $things->sizes[$i]][] = $i;
            }
        }
        $sizes = [];
        foreach ($bySize as $size => $members) {
            if (count($members) > 1) {
                $sizes[] = [(float) $size, $members];
            }
        }
        usort($sizes, static fn (array $a, array $b): int => [-count($a[1]), $a[0]] <=> [-count($b[1]), $b[0]]);

        return $sizes;
    }

    /**
     * @param  list<Relation>  $relations
     * @return list<array{int, int}> things, and those in the middle of which they lie
     */
    private static function symmetries(Things $things, array $relations): array
    {
        $insets = [];
        foreach ($relations as $relation) {
            if ($relation->sort === Relation::INSET) {
                [$ground, $item] = $relation->toEnd ? [$relation->b, $relation->a] : [$relation->a, $relation->b];
                $insets["$item $ground"][] = Length::round($things->leads[$relation->b] - $things->leads[$relation->a] - $relation->rest($things));
            }
        }
        $symmetries = [];
        foreach ($insets as $pair => $sizes) {
            // Half of an odd number of pixels goes to one side.
            if (count($sizes) === 2 && abs($sizes[0] - $sizes[1]) <= 1.0) {
                [$item, $ground] = explode(' ', $pair);
                $symmetries[] = [(int) $item, (int) $ground];
            }
        }

        return $symmetries;
    }
}
