<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/** What goes along with a thing: what lies on it, and what is level with it beside or beneath it, such as a caption. */
final readonly class Companions
{
    /** @var array<int, list<int>> what lies on each */
    private array $contents;

    /** @var array<int, list<int>> what lies next to each in the other direction */
    private array $beside;

    /**
     * @param  list<Relation>  $relations
     * @param  list<Relation>  $across  those along the other axis
     */
    public function __construct(private Things $things, array $relations, array $across)
    {
        $contents = $beside = [];
        foreach ([...$relations, ...$across] as $relation) {
            if ($relation->sort === Relation::INSET) {
                [$ground, $one] = $relation->toEnd ? [$relation->b, $relation->a] : [$relation->a, $relation->b];
                $contents[$ground][$one] = $one;
            }
        }
        foreach ($across as $relation) {
            if ($relation->sort === Relation::GAP && $things->types[$relation->a] !== $things->types[$relation->b]) {
                $beside[$relation->a][] = $relation->b;
                $beside[$relation->b][] = $relation->a;
            }
        }
        $this->contents = array_map(array_values(...), $contents);
        $this->beside = $beside;
    }

    /**
     * @param  array<int, float>  $leads  where things are, px
     * @return list<int>
     */
    public function of(int $thing, array $leads): array
    {
        $found = [];
        foreach ($this->beside[$thing] ?? [] as $one) {
            if ($this->areLevel($thing, $one, $leads)) {
                $found[$one] = $one;
            }
        }
        for ($waiting = [$thing, ...array_values($found)]; $waiting !== [];) {
            foreach ($this->contents[array_pop($waiting)] ?? [] as $one) {
                if (! isset($found[$one])) {
                    $found[$one] = $one;
                    $waiting[] = $one;
                }
            }
        }
        unset($found[$thing]);

        return array_values($found);
    }

    /** @param  array<int, float>  $leads */
    private function areLevel(int $a, int $b, array $leads): bool
    {
        foreach (array_intersect_key($this->things->edges[$a], $this->things->edges[$b]) as $edge => $offset) {
            if (abs($leads[$a] + $offset - $leads[$b] - $this->things->edges[$b][$edge]) < 0.0005) {
                return true;
            }
        }

        return false;
    }
}
