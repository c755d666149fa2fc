<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/**
 * The sizes of classes that fit all places best: least squares over everything that hangs together by them, then brought to
 * values that the sheet is made of, the most certain first, each time with the others fitted to those that stand
 * (L. Babai, On Lovász' lattice reduction and the nearest lattice point problem, 1986).
 *
 * @phpstan-type Offset array{float, array<int, int>}
 */
final class Fit
{
    /** what weighs more than anything that is measured */
    private const CERTAIN = 1e4;

    /** @var array<int, int> the body that each hangs on, by root */
    private array $parents = [];

    /** @var array<int, Offset> from the place of what it hangs on: px, and how many of each class */
    private array $offsets = [];

    /** @var list<array{array<int, int>, float}> sums of classes that are known, px */
    private array $known = [];

    /** @param  list<non-empty-list<Relation>>  $classes */
    public function __construct(private readonly Things $things, private readonly Bodies $bodies, private readonly array $classes)
    {
        foreach ($classes as $class => $relations) {
            foreach ($relations as $relation) {
                $this->add($relation, $class);
            }
        }
    }

    private function add(Relation $relation, int $class): void
    {
        [$a, $alongA] = $this->bodies->root($relation->a);
        [$b, $alongB] = $this->bodies->root($relation->b);
        [$rootA, $constA, $countsA] = $this->root($a);
        [$rootB, $constB, $countsB] = $this->root($b);
        $const = $constA + $alongA + $relation->rest($this->things) - $alongB - $constB;
        $counts = self::plus(self::plus($countsA, [$class => 1]), $countsB, -1);
        if ($rootA !== $rootB) {
            $this->parents[$rootB] = $rootA;
            $this->offsets[$rootB] = [$const, $counts];
        } elseif ($counts !== []) {
            $this->known[] = [$counts, -$const];
        }
    }

    /** @return array{int, float, array<int, int>} the root of what a body hangs together with, and how far past its place it lies */
    private function root(int $body): array
    {
        [$const, $counts] = [0.0, []];
        while (isset($this->parents[$body])) {
            $const += $this->offsets[$body][0];
            $counts = self::plus($counts, $this->offsets[$body][1]);
            $body = $this->parents[$body];
        }

        return [$body, $const, $counts];
    }

    /**
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $others
     * @return array<int, int> without those of which there are none
     */
    private static function plus(array $counts, array $others, int $times = 1): array
    {
        foreach ($others as $class => $count) {
            $counts[$class] = ($counts[$class] ?? 0) + $times * $count;
            if ($counts[$class] === 0) {
                unset($counts[$class]);
            }
        }

        return $counts;
    }

    /**
     * @param  float  $noise  px, the standard deviation of places
     * @param  callable(int $class, float $size, float $sure): float  $brought  a size, and its standard deviation, to what it was meant to be
     * @return list<float> px, by class
     */
    public function sizes(float $noise, callable $brought): array
    {
        $sizes = [];
        foreach ($this->parts() as $classes) {
            $sizes += $this->solved($classes, $noise, $brought);
        }
        ksort($sizes);

        return array_values($sizes);
    }

    /** @return list<list<int>> classes that have something to do with each other */
    private function parts(): array
    {
        $part = array_keys($this->classes);
        $of = static function (int $class) use (&$part): int {
            while ($part[$class] !== $class) {
                $class = $part[$class];
            }

            return $class;
        };
        $firsts = [];
        $together = array_map(static fn (array $known): array => array_keys($known[0]), $this->known);
        foreach (array_keys($this->parents) as $body) {
            [$root, , $counts] = $this->root($body);
            $together[] = array_keys($counts);
            if ($counts !== []) {
                $firsts[$root] ??= array_key_first($counts);
                $together[] = [$firsts[$root], array_key_first($counts)];
            }
        }
        foreach ($together as $classes) {
            foreach ($classes as $class) {
                $part[$of($class)] = $of($classes[0]);
            }
        }
        $parts = [];
        foreach (array_keys($part) as $class) {
            $parts[$of($class)][] = $class;
        }

        return array_values($parts);
    }

    /**
     * @param  list<int>  $classes
     * @param  callable(int, float, float): float  $brought
     * @return array<int, float>
     */
    private function solved(array $classes, float $noise, callable $brought): array
    {
        [$matrix, $right] = $this->equations(array_flip($classes));
        $n = count($classes);
        // Those that are told best come last: they are solved first.
        $order = array_keys($classes);
        usort($order, static fn (int $a, int $b): int => $matrix[$a][$a] <=> $matrix[$b][$b]);
        $lower = [];
        $z = [];
        for ($i = 0; $i < $n; $i++) {
            $sumZ = $right[$order[$i]];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $matrix[$order[$i]][$order[$j]];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                $lower[$i][$j] = $i === $j ? sqrt(max($sum, 1e-9)) : $sum / $lower[$j][$j];
                $sumZ -= $j < $i ? $lower[$i][$j] * $z[$j] : 0.0;
            }
            $z[$i] = $sumZ / $lower[$i][$i];
        }
        $sizes = [];
        for ($i = $n - 1; $i >= 0; $i--) {
            $sum = $z[$i];
            for ($k = $i + 1; $k < $n; $k++) {
                $sum -= $lower[$k][$i] * $sizes[$classes[$order[$k]]];
            }
            $class = $classes[$order[$i]];
            $sizes[$class] = $brought($class, $sum / $lower[$i][$i], $noise / $lower[$i][$i]);
        }

        return $sizes;
    }

    /**
     * The normal equations, with the place of everything that hangs together taken off.
     *
     * @param  array<int, int>  $places  of the classes in it
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function equations(array $places): array
    {
        $n = count($places);
        $equations = [array_fill(0, $n, array_fill(0, $n, 0.0)), array_fill(0, $n, 0.0)];
        foreach ($this->together() as $members) {
            $weights = $counts = [];
            $sum = 0.0;
            foreach ($members as [$weight, $value, $of]) {
                $weights[] = $weight;
                $sum += $weight * $value;
                foreach ($of as $class => $count) {
                    $counts[$class] = ($counts[$class] ?? 0.0) + $weight * $count;
                }
            }
            if ($counts === [] || ! isset($places[array_key_first($counts)])) {
                continue;
            }
            foreach ($members as [$weight, $value, $of]) {
                self::weigh($equations, $places, $of, $value, $weight);
            }
            $all = array_sum($weights);
            self::weigh($equations, $places, array_map(static fn (float $count): float => $count / $all, $counts), $sum / $all, -$all);
        }
        foreach ($this->known as [$counts, $value]) {
            if (isset($places[array_key_first($counts)])) {
                self::weigh($equations, $places, $counts, $value, self::CERTAIN);
            }
        }

        return $equations;
    }

    /**
     * @param  array{array<int, array<int, float>>, array<int, float>}  $equations
     * @param  array<int, int>  $places
     * @param  array<int, float|int>  $counts
     */
    private static function weigh(array &$equations, array $places, array $counts, float $value, float $weight): void
    {
        foreach ($counts as $class => $count) {
            foreach ($counts as $other => $times) {
                $equations[0][$places[$class]][$places[$other]] += $weight * $count * $times;
            }
            $equations[1][$places[$class]] += $weight * $count * $value;
        }
    }

    /** @return array<int, list<array{float, float, array<int, int>}>> of the bodies that hang together: weight, place less what is known, how many of each class */
    private function together(): array
    {
        $together = [];
        foreach ($this->bodies->roots() as $body) {
            [$root, $const, $counts] = $this->root($body);
            $together[$root][] = [(float) $this->bodies->weight($body), $this->bodies->place($body) - $const, $counts];
        }

        return $together;
    }
}
