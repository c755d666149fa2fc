<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/**
 * Things that keep their distances along an axis, as what holds between them is found: bodies, each with the place that fits
 * all of its things best, and the range within which none of them moves further than the tolerance.
 */
final class Bodies
{
    /** what is fixed counts as so many */
    private const FIXED = 1000;

    /** @var array<int, int> the thing that each hangs on; itself for the root of a body */
    private array $parents;

    /** @var array<int, float> from the place of what it hangs on to its own, px */
    private array $offsets;

    /** @var array<int, float> sums of the places that the things of a body give its root, by root */
    private array $sums;

    /** @var array<int, int> */
    private array $counts;

    /** @var array<int, float> the least place of the root at which no thing moves too far */
    private array $lows;

    /** @var array<int, float> */
    private array $highs;

    public function __construct(Things $things)
    {
        $n = $things->count();
        $this->parents = range(0, max(0, $n - 1));
        $this->offsets = array_fill(0, $n, 0.0);
        $this->sums = $this->counts = $this->lows = $this->highs = [];
        foreach ($things->origins as $i => $origin) {
            $reach = $things->reaches[$i];
            $this->counts[] = $reach > 0.0 ? 1 : self::FIXED;
            $this->sums[] = $things->leads[$i] * $this->counts[$i];
            $this->lows[] = $origin - $reach;
            $this->highs[] = $origin + $reach;
        }
    }

    /** @return array{int, float} the root of its body, and how far it lies past the root's place */
    public function root(int $thing): array
    {
        $parent = $this->parents[$thing];
        if ($parent === $thing) {
            return [$thing, 0.0];
        }
        if ($this->parents[$parent] !== $parent) {
            // The way is short the next time.
            [$root, $past] = $this->root($parent);
            $this->parents[$thing] = $root;
            $this->offsets[$thing] += $past;
            $parent = $root;
        }

        return [$parent, $this->offsets[$thing]];
    }

    /** Where it comes to lie, px: as near to where all of its body lay as the tolerance lets it. */
    public function place(int $thing): float
    {
        return $this->of($thing)[1];
    }

    /** @return array{int, float, int} the root of its body, where the thing comes to lie, px, and how many things its body has */
    public function of(int $thing): array
    {
        [$root, $offset] = $this->root($thing);

        return [$root, min($this->highs[$root], max($this->lows[$root], $this->sums[$root] / $this->counts[$root])) + $offset, $this->counts[$root]];
    }

    /** How many things its body has. */
    public function weight(int $thing): int
    {
        return $this->counts[$this->root($thing)[0]];
    }

    /**
     * Lets b lie so many px past a from now on.
     *
     * @return bool false, with nothing done, where they lie otherwise already, or something would move too far
     */
    public function join(int $a, int $b, float $distance): bool
    {
        [$rootA, $offsetA] = $this->root($a);
        [$rootB, $offsetB] = $this->root($b);
        // The root of b lies there, from the root of a.
        $past = $offsetA + $distance - $offsetB;
        if ($rootA === $rootB) {
            return abs($past) < 0.0005;
        }
        $low = max($this->lows[$rootA], $this->lows[$rootB] - $past);
        $high = min($this->highs[$rootA], $this->highs[$rootB] - $past);
        if ($low > $high + 0.0005) {
            return false;
        }
        $this->parents[$rootB] = $rootA;
        $this->offsets[$rootB] = $past;
        $this->sums[$rootA] += $this->sums[$rootB] - $this->counts[$rootB] * $past;
        $this->counts[$rootA] += $this->counts[$rootB];
        $this->lows[$rootA] = $low;
        $this->highs[$rootA] = max($low, $high);

        return true;
    }

    /** @return array{float, float} the least and the most place of a thing at which nothing of its body moves too far */
    public function range(int $thing): array
    {
        [$root, $offset] = $this->root($thing);

        return [$this->lows[$root] + $offset, $this->highs[$root] + $offset];
    }

    /** Puts a thing, and its body with it, at a place for good. */
    public function pin(int $thing, float $place): void
    {
        [$root, $offset] = $this->root($thing);
        $this->lows[$root] = $this->highs[$root] = $place - $offset;
    }

    /** @return list<int> the things that nothing of their body comes before */
    public function roots(): array
    {
        return array_values(array_filter(array_keys($this->parents), fn (int $thing): bool => $this->parents[$thing] === $thing));
    }

    /** @return array<int, non-empty-list<int>> the things of each body, by its root */
    public function all(): array
    {
        $all = [];
        foreach (array_keys($this->parents) as $thing) {
            $all[$this->root($thing)[0]][] = $thing;
        }

        return $all;
    }
}
