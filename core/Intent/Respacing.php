<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Length;

/**
 * Gives the main gaps along one axis another size, with everything else as far apart as it was: of the sizes of gaps that occur
 * about as often as the most frequent one, the largest.
 */
final readonly class Respacing
{
    /** @var array<int, list<array{int, bool}>> what follows each body, and whether by a main gap */
    private array $next;

    /** @var array<int, int> the body that each thing is in */
    private array $bodies;

    /** the size of the main gaps, px; null where there is no gap */
    private ?float $size;

    /**
     * @param  Things  $things  as they were meant to lie
     * @param  list<Relation>  $relations
     */
    public function __construct(private Things $things, array $relations)
    {
        $this->bodies = $this->bodies();
        $this->size = $this->main($relations);
        $next = [];
        foreach ($relations as $relation) {
            [$a, $b] = [$this->bodies[$relation->a], $this->bodies[$relation->b]];
            $isMain = $relation->sort === Relation::GAP && ($this->size === null || Length::same($this->sizeOf($relation), $this->size));
            if ($a !== $b) {
                $next[$a][] = [$b, $isMain];
                $next[$b][] = [$a, false];
            }
        }
        $this->next = $next;
    }

    /**
     * @param  float  $by  px that all of it is moved
     * @return list<float> the new leading edges with gaps of a size, px
     */
    public function to(float $gap, float $by): array
    {
        return $this->spread(fn (int $passed): float => $by + $passed * ($gap - ($this->size ?? $gap)));
    }

    /**
     * @param  float  $more  px that the main gaps share; less, if negative
     * @param  float  $by  px that all of it is moved
     * @return list<float> the new leading edges
     */
    public function sharing(float $more, float $by, bool $whole): array
    {
        $most = $this->count();

        return $this->spread(static function (int $passed) use ($more, $by, $most, $whole): float {
            $share = $most === 0 ? 0.0 : $more * $passed / $most;

            return $by + ($whole ? Length::whole($share) : $share);
        });
    }

    /** How many main gaps there are one after another, at most. */
    public function count(): int
    {
        return max([0, ...$this->passed()]);
    }

    public function size(): float
    {
        return $this->size ?? 0.0;
    }

    /**
     * @param  callable(int $passed): float  $shift
     * @return list<float>
     */
    private function spread(callable $shift): array
    {
        $passed = $this->passed();

        return array_map(fn (float $lead, int $thing): float => Length::round($lead + ($this->things->reaches[$thing] === 0.0 ? 0.0 : $shift($passed[$this->bodies[$thing]] ?? 0))), $this->things->leads, array_keys($this->things->leads));
    }

    /** @return array<int, int> by body, how many main gaps lie before it */
    private function passed(): array
    {
        $order = array_unique(array_values($this->bodies));
        usort($order, fn (int $a, int $b): int => $this->things->leads[$a] <=> $this->things->leads[$b]);
        $passed = [];
        foreach ($order as $start) {
            if (isset($passed[$start]) || $this->things->isLine($start)) {
                continue;
            }
            $passed[$start] = 0;
            for ($waiting = [$start]; $waiting !== [];) {
                $body = array_shift($waiting);
                $next = $this->next[$body] ?? [];
                usort($next, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
                foreach ($next as [$to, $isMain]) {
                    if (! isset($passed[$to])) {
                        $passed[$to] = $passed[$body] + ($isMain ? 1 : 0);
                        $isMain ? array_unshift($waiting, $to) : $waiting[] = $to;
                    }
                }
            }
        }

        return $passed;
    }

    /** @return array<int, int> the first thing of what shares an edge with each, directly or through others */
    private function bodies(): array
    {
        $of = array_keys($this->things->leads);
        $first = [];
        $root = static function (int $thing) use (&$of): int {
            while ($of[$thing] !== $thing) {
                $thing = $of[$thing];
            }

            return $thing;
        };
        foreach ($of as $thing) {
            foreach ($this->things->isLine($thing) ? [] : array_keys($this->things->edges[$thing]) as $edge) {
                $key = "$edge ".(int) round($this->things->edge($thing, $edge) * 1000);
                $first[$key] ??= $thing;
                [$a, $b] = [$root($first[$key]), $root($thing)];
                $of[max($a, $b)] = min($a, $b);
            }
        }

        return array_map($root, array_keys($of));
    }

    /** @param  list<Relation>  $relations */
    private function main(array $relations): ?float
    {
        $counts = [];
        foreach ($relations as $relation) {
            if ($relation->sort === Relation::GAP && $this->bodies[$relation->a] !== $this->bodies[$relation->b]) {
                $size = (string) $this->sizeOf($relation);
                $counts[$size] = ($counts[$size] ?? 0) + 1;
            }
        }
        if ($counts === []) {
            return null;
        }
        $often = array_filter($counts, static fn (int $count): bool => 2 * $count >= max($counts));

        return max([-INF, ...array_map(floatval(...), array_keys($often))]);
    }

    private function sizeOf(Relation $relation): float
    {
        return Length::round($this->things->leads[$relation->b] - $this->things->leads[$relation->a] - $relation->rest($this->things));
    }
}
