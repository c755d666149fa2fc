<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Length;
use WeakMap;

/** Finds what may be lines: edges that lie together, more closely than those of different lines lie. */
final class LineFinder
{
    /** of the tolerance, how far a hand may be off: standard deviations that are tried */
    public const HANDS = [0.14, 0.17, 0.2, 0.25, 0.3, 0.36, 0.43, 0.5, 0.58, 0.66];

    /** how many times as unlikely one more value is as its place alone would make it: layouts have few */
    private const THRIFT = 12.0;

    /** what naming anything costs at least */
    private const LEAST = 0.5;

    /** places of things that are alike, from which a hand can be read */
    private const ENOUGH = 6;

    /** px, the standard deviation of what is exact */
    public const EXACT = 0.002;

    /** px that a designer does not leave between two lines */
    private const HAIR = 1.5;

    /** the share of things that may lie beside a line in a layout that is exact */
    private const FEW = 0.06;

    /** the share of things that lie on a line with others, at least, along either axis */
    private const SHARED = 0.4;

    /** so many equal steps are no chance */
    private const STEPS = 3;

    /** @var WeakMap<Things, array<string, list<array{float, int}>>> places and things in order, by edge */
    private WeakMap $sorted;

    /** @param  float  $tolerance  px that an edge may be moved */
    public function __construct(private readonly float $tolerance)
    {
        $this->sorted = new WeakMap;
    }

    /** What naming a value of so many px at most costs, where numbers are off by so many. */
    public static function cost(float $noise, float $range): float
    {
        return max(self::LEAST, log(self::THRIFT * $range / max($noise, 0.002)));
    }

    /**
     * How far places lie from where they were meant: what lets all edges be told most shortly.
     *
     * @param  list<Things>  $axes
     * @return non-empty-list<float> px, standard deviations that may be
     */
    public function hands(array $axes, bool $one = false): array
    {
        $groups = $this->peers($axes);
        $noises = array_map(fn (float $part): float => $part * $this->tolerance, self::HANDS);
        // Every second at first, then those beside the best, unless one try has to do.
        [$hand, $best] = $this->shortest($groups, array_filter($noises, static fn (int $i): bool => $i % 2 === 0, ARRAY_FILTER_USE_KEY));
        if ($one) {
            return [$noises[$hand]];
        }
        [$beside, $length] = $this->shortest($groups, array_intersect_key($noises, [$hand - 1 => true, $hand + 1 => true]));
        $first = max(0, ($length < $best ? $beside : $hand) - 1);

        return [$noises[$first], ...array_slice($noises, $first + 1, 3)];
    }

    /**
     * @param  list<array{float, non-empty-list<float>}>  $groups
     * @param  array<int, float>  $noises
     * @return array{int, float} the hand with which all places are told most shortly, and what it takes
     */
    private function shortest(array $groups, array $noises): array
    {
        [$hand, $best] = [0, INF];
        foreach ($noises as $i => $noise) {
            $length = $this->length($groups, $noise);
            [$hand, $best] = $length < $best ? [$i, $length] : [$hand, $best];
        }

        return [$hand, $best];
    }

    /**
     * What it takes to tell all places, as a logarithm.
     *
     * @param  list<array{float, non-empty-list<float>}>  $groups  the range that they lie in, and places in it, ascending, px
     * @param  float  $noise  px, the standard deviation of places
     */
    private function length(array $groups, float $noise): float
    {
        $length = 0.0;
        foreach ($groups as [$range, $places]) {
            $variances = array_fill(0, count($places), $noise ** 2);
            $length += Segments::of($places, $variances, self::cost($noise, $range), $this->tolerance / 2, 2 * $this->tolerance)->told + count($places) * log($noise * sqrt(2 * M_PI));
        }

        return $length;
    }

    /**
     * The places of things that are alike; where there are none, of all.
     *
     * @param  list<Things>  $axes
     * @return list<array{float, non-empty-list<float>}> the range that they lie in, and the places in it, ascending, px
     */
    private function peers(array $axes): array
    {
        $groups = $all = [];
        foreach ($axes as $k => $things) {
            foreach (Things::EDGES as $edge) {
                foreach ($this->sorted($things, $edge) as [$place, $thing]) {
                    if ($things->isLine($thing)) {
                        continue;
                    }
                    $all["$k $edge"][] = $place;
                    if ($edge === $things->first($thing)) {
                        $groups["$k {$things->types[$thing]}"][] = $place;
                    }
                }
            }
        }
        $groups = array_filter($groups, static fn (array $places): bool => count($places) > 2);
        $ranges = array_map(static fn (Things $things): float => $things->range(), $axes);
        $found = [];
        foreach (array_sum(array_map(count(...), $groups)) >= self::ENOUGH ? $groups : $all as $key => $places) {
            $found[] = [$ranges[(int) $key], $places];
        }

        return $found;
    }

    /**
     * Whether the hand was exact, but for a thing or two: edges that lie a hair beside each other are rare.
     *
     * @param  list<Things>  $axes
     */
    public function isExact(array $axes): bool
    {
        $beside = $count = $shared = 0;
        foreach ($axes as $things) {
            $isShared = [];
            $isLine = array_map($things->isLine(...), array_keys($things->leads));
            foreach (Things::EDGES as $edge) {
                [$last, $before] = [-INF, -1];
                foreach ($this->sorted($things, $edge) as [$place, $thing]) {
                    if ($isLine[$thing]) {
                        continue;
                    }
                    $step = $place - $last;
                    if ($step <= 0.0005) {
                        $isShared[$before] = $isShared[$thing] = true;
                    } elseif ($step <= self::HAIR && ! $this->agree($things, $before, $thing)) {
                        $beside++;
                    }
                    [$last, $before] = [$place, $thing];
                }
            }
            $shared += count($isShared + $this->inEqualSteps($things, $isLine));
            $count += count($isLine) - count(array_filter($isLine));
        }

        return $beside <= self::FEW * $count && $shared >= self::SHARED * $count;
    }

    /**
     * Things that begin at just the same distance one from the other.
     *
     * @param  list<bool>  $isLine
     * @return array<int, true>
     */
    private function inEqualSteps(Things $things, array $isLine): array
    {
        $sorted = array_values(array_filter($this->sorted($things, Things::LEAD), static fn (array $one): bool => ! $isLine[$one[1]]));
        $found = $run = [];
        $step = 0.0;
        for ($i = 1; $i < count($sorted); $i++) {
            $to = $sorted[$i][0] - $sorted[$i - 1][0];
            $run = $to > self::HAIR && Length::same($to, $step) ? [...$run, $sorted[$i][1]] : [$sorted[$i - 1][1], $sorted[$i][1]];
            $step = $to;
            if (count($run) > self::STEPS) {
                $found += array_fill_keys($run, true);
            }
        }

        return $found;
    }

    /** Whether two things share an edge exactly. */
    private function agree(Things $things, int $a, int $b): bool
    {
        foreach (array_keys(array_intersect_key($things->edges[$a], $things->edges[$b])) as $edge) {
            if (abs($things->edge($a, $edge) - $things->edge($b, $edge)) < 0.0005) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  float  $noise  px, the standard deviation of places
     * @return list<MeantLine> of two things or more, the best supported first
     */
    public function find(Things $things, float $noise): array
    {
        $found = $makes = [];
        foreach (Things::EDGES as $edge) {
            foreach ($this->runs($things, $edge, $noise) as [$members, $places]) {
                if (count($members) > 1) {
                    $types = array_unique(array_map(static fn (int $thing): string => $things->types[$thing], $members));
                    sort($types);
                    $make = implode(', ', $types)." $edge";
                    $mean = array_sum($places) / count($places);
                    $found[] = [$edge, $members, $make];
                    $makes[$make]['off'] = ($makes[$make]['off'] ?? 0.0) + array_sum(array_map(static fn (float $place): float => ($place - $mean) ** 2, $places));
                    $makes[$make]['support'] = ($makes[$make]['support'] ?? 0) + count($members) - 1;
                }
            }
        }
        $offs = array_map(static fn (array $make): float => $make['off'] / $make['support'], $makes);
        usort($found, static fn (array $a, array $b): int => [count($b[1]), $makes[$b[2]]['support'], $offs[$a[2]]] <=> [count($a[1]), $makes[$a[2]]['support'], $offs[$b[2]]]);

        return array_map(static fn (array $line): MeantLine => new MeantLine($line[0], $line[1], $makes[$line[2]]['support']), $found);
    }

    /** @return list<array{list<int>, list<float>}> the things whose edges lie that closely, and where */
    private function runs(Things $things, string $edge, float $noise): array
    {
        $sorted = $this->sorted($things, $edge);
        $places = array_column($sorted, 0);
        $runs = [];
        foreach (Segments::of($places, array_fill(0, count($places), $noise ** 2), self::cost($noise, $things->range()), $this->tolerance / 2, 2 * $this->tolerance)->each as [$from, $to]) {
            $runs[] = [array_column(array_slice($sorted, $from, $to - $from), 1), array_slice($places, $from, $to - $from)];
        }

        return $runs;
    }

    /** @return list<array{float, int}> places and things, of those whose edge counts, in order */
    private function sorted(Things $things, string $edge): array
    {
        $all = $this->sorted[$things] ?? [];
        $all[$edge] ??= self::inOrder($things, $edge);
        $this->sorted[$things] = $all;

        return $all[$edge];
    }

    /** @return list<array{float, int}> */
    private static function inOrder(Things $things, string $edge): array
    {
        $places = [];
        foreach ($things->edges as $i => $edges) {
            if (isset($edges[$edge])) {
                $places[$i] = $things->leads[$i] + $edges[$edge];
            }
        }
        asort($places);

        $sorted = [];
        foreach ($places as $i => $place) {
            $sorted[] = [$place, $i];
        }

        return $sorted;
    }
}
