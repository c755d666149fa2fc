<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Length;

/** What was understood along one axis: what lies on lines, and which gaps and insets are of one size. */
final class Structure
{
    /** uncertainties beyond which a difference is meant */
    private const MEANT = 3.5;

    /** so many have to agree on a line for it to come before gaps */
    private const STRONG = 3;

    /** uncertainties within which two things are on a line that nothing else speaks for */
    private const NEAR = 1.5;

    /** sizes that occur no more often may be chance */
    private const WEAK = 3;

    private Bodies $bodies;

    /** @var list<MeantLine> */
    private array $weak;

    /** @var array{int, int, float}|null what it takes to tell it, once that has been reckoned */
    private ?array $told = null;

    /** @var list<non-empty-list<Relation>> */
    private array $classes;

    /**
     * @param  list<MeantLine>  $lines  the best supported first
     * @param  list<Relation>  $relations
     * @param  list<array{int, int}>  $centred  things that lie exactly in the middle of another, and that other
     * @param  float  $noise  px, the standard deviation of places from where they were meant
     * @param  float  $tolerance  px that anything may be moved
     */
    public function __construct(private readonly Things $things, array $lines, array $relations, array $centred, private readonly float $noise, float $tolerance)
    {
        $this->bodies = new Bodies($things);
        $this->settle($centred);
        // Things alike first: what they share they share by intent; then what they have in common with others.
        foreach ($lines as $line) {
            foreach ($this->alike($line) as $members) {
                $this->lay($line->edge, $members, self::MEANT);
            }
        }
        foreach ($lines as $line) {
            if ($line->support >= self::STRONG) {
                $this->lay($line->edge, $line->members, self::MEANT);
            }
        }
        $this->weak = array_values(array_filter($lines, static fn (MeantLine $line): bool => $line->support < self::STRONG));
        $this->classes = (new GapFinder($tolerance))->find($things, $this->bodies, $relations, $noise);
    }

    /**
     * What lies exactly in the middle of another thing, or on a line of the sheet, was put there, however unsteady the hand
     * was elsewhere.
     *
     * @param  list<array{int, int}>  $centred
     */
    private function settle(array $centred): void
    {
        foreach ($centred as [$thing, $ground]) {
            $this->bodies->join($ground, $thing, $this->things->leads[$thing] - $this->things->leads[$ground]);
        }
        $lines = [];
        foreach ($this->things->edges as $thing => $edges) {
            foreach ($edges as $edge => $past) {
                $at = (string) round($this->things->leads[$thing] + $past, 3);
                if ($this->things->isLine($thing)) {
                    $lines["$edge $at"] ??= $thing;
                }
            }
        }
        foreach ($lines === [] ? [] : $this->things->edges as $thing => $edges) {
            foreach ($edges as $edge => $past) {
                $line = $lines["$edge ".round($this->things->leads[$thing] + $past, 3)] ?? $thing;
                if ($line !== $thing) {
                    $this->bodies->join($line, $thing, -$past);
                }
            }
        }
    }

    /** @return list<array{float, float}> values that were chosen, px, each with its standard deviation */
    public function values(): array
    {
        $values = [];
        (new Fit($this->things, $this->bodies, $this->classes))->sizes($this->noise, function (int $class, float $size, float $sure) use (&$values): float {
            $values[] = [$size + $this->rest($this->classes[$class]), $sure];

            return $size;
        });
        foreach ($this->bodies->all() as $members) {
            $values[] = [$this->edge($members[0]), $this->noise / sqrt(count($members))];
        }

        return $values;
    }

    /** What it takes to tell where everything lies: the values of the structure, and how far each thing lies off it; as a logarithm. */
    public function length(): float
    {
        [$values, $sizes, $off] = $this->told();
        $range = $this->things->range();

        return $off + $values * LineFinder::cost($this->noise, $range) + $sizes * LineFinder::cost($this->noise, min(GapFinder::RANGE, $range));
    }

    /** The same without the sizes that let nothing be told more shortly, as where they contradict what others say. */
    public function pruned(): self
    {
        $best = $this;
        $length = $this->length();
        foreach (array_reverse($this->classes) as $class) {
            if (count($class) > self::WEAK) {
                break;
            }
            $without = clone $best;
            $without->bodies = clone $best->bodies;
            $without->told = null;
            $without->classes = array_values(array_filter($best->classes, static fn (array $one): bool => $one !== $class));
            if ($without->length() < $length - Length::SAME) {
                [$best, $length] = [$without, $without->length()];
            }
        }

        return $best;
    }

    /** How much less it takes to tell where everything lies by the structure than one by one; nothing, or less, where it says nothing. */
    public function saved(): float
    {
        [$values, $sizes, $off] = $this->told();
        $range = log($this->things->range());

        return count($this->things->leads) * ($range + log(sqrt(2 * M_PI))) - $off - ($values + $sizes) * ($range - log($this->noise));
    }

    /** @return array{int, int, float} how many places and how many sizes it takes, and for how far everything lies off them */
    private function told(): array
    {
        return $this->told ??= $this->tell();
    }

    /** @return array{int, int, float} */
    private function tell(): array
    {
        $structure = clone $this;
        $structure->bodies = clone $this->bodies;
        $places = $structure->squared(null);
        $squares = 0.0;
        foreach ($places as $thing => $place) {
            $squares += ($place - $this->things->leads[$thing]) ** 2;
        }

        return [count($structure->bodies->roots()), count($this->classes), count($places) * log($this->noise * sqrt(2 * M_PI)) + $squares / (2 * $this->noise ** 2)];
    }

    private function edge(int $thing): float
    {
        return $this->bodies->place($thing) + $this->things->edges[$thing][$this->things->first($thing)];
    }

    /** @return list<float> the new leading edges */
    public function squared(?Values $values): array
    {
        $sizes = (new Fit($this->things, $this->bodies, $this->classes))->sizes(
            $this->noise,
            fn (int $class, float $size, float $sure): float => $values === null ? Length::round($size) : $this->brought($class, $size, $sure, $values),
        );
        foreach ($this->classes as $class => $relations) {
            $before = clone $this->bodies;
            $held = count(array_filter($relations, fn (Relation $relation): bool => $relation->hold($this->things, $this->bodies, $sizes[$class])));
            if ($held < 2) {
                // Nothing is equal to what is left.
                $this->bodies = $before;
            }
        }
        foreach ($this->weak as $line) {
            $this->lay($line->edge, $line->members, self::NEAR);
        }
        if ($values !== null) {
            foreach ($this->bodies->all() as $members) {
                $this->pin($members, $values);
            }
        }

        return array_map($this->bodies->place(...), array_keys($this->things->leads));
    }

    /** A likely value of the gap, or, where what lies between is always the same, of the pitch. */
    private function brought(int $class, float $size, float $sure, Values $values): float
    {
        $rest = $this->rest($this->classes[$class]);

        return Values::best($size + $rest, $sure, static fn (float $value): float => max($values->likely($value), $values->likely($value - $rest))) - $rest;
    }

    /**
     * What lies between all of these from lead to lead beyond the gap, where it is the same everywhere and no whole value.
     *
     * @param  non-empty-list<Relation>  $class
     */
    private function rest(array $class): float
    {
        $rests = array_map(fn (Relation $relation): float => $relation->rest($this->things), $class);

        return max($rests) - min($rests) < 0.5 ? $rests[0] : 0.0;
    }

    /** @return list<non-empty-list<int>> the members of a line that are of one size and count by the same edges */
    private function alike(MeantLine $line): array
    {
        $alike = [];
        foreach ($line->members as $thing) {
            $alike[$this->things->types[$thing]][] = $thing;
        }

        return array_values($alike);
    }

    /** @param  list<int>  $members */
    private function lay(string $edge, array $members, float $within): void
    {
        $edges = $this->things->edges;
        $places = $weights = $roots = [];
        foreach ($members as $i => $thing) {
            [$root, $place, $weights[$i]] = $this->bodies->of($thing);
            $places[$i] = $place + $edges[$thing][$edge];
            $roots[$root] = true;
        }
        if (count($roots) < 2) {
            return;
        }
        // Those that agree best come first.
        $sorted = $places;
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted), 2)];
        $order = array_keys($places);
        usort($order, static fn (int $a, int $b): int => $weights[$b] <=> $weights[$a] ?: abs($places[$a] - $middle) <=> abs($places[$b] - $middle));
        $anchor = $members[$order[0]];
        [$root, $from, $weight] = $this->bodies->of($anchor);
        foreach (array_slice($order, 1) as $i) {
            $thing = $members[$i];
            [$own, $place, $count] = $this->bodies->of($thing);
            if ($own === $root) {
                continue;
            }
            $distance = $edges[$anchor][$edge] - $edges[$thing][$edge];
            if (abs($place - $from - $distance) <= $within * $this->noise * sqrt(1 / $weight + 1 / $count) + 0.01 && $this->bodies->join($anchor, $thing, $distance)) {
                [$root, $from, $weight] = $this->bodies->of($anchor);
            }
        }
    }

    /**
     * Brings a body to a likely place.
     *
     * @param  non-empty-list<int>  $members
     */
    private function pin(array $members, Values $values): void
    {
        [$low, $high] = $this->bodies->range($members[0]);
        if ($high - $low < Length::SAME) {
            return;
        }
        $place = $this->bodies->place($members[0]);
        if (count($members) === 1) {
            // What has nothing in common with others was not understood, and is left alone.
            $this->bodies->pin($members[0], Length::whole($place));

            return;
        }
        $offsets = [];
        foreach ($members as $thing) {
            $offset = (string) round($this->edge($thing) - $place, 3);
            // Where letters begin follows from what they stand by.
            $offsets[$offset] = ($offsets[$offset] ?? 0) + ($this->things->words[$thing] ? 1 : 2);
        }
        $all = array_sum($offsets);
        $likely = static function (float $value) use ($offsets, $all, $values, $low, $high): float {
            if ($value < $low - Length::SAME || $value > $high + Length::SAME) {
                return -1000.0;
            }
            $sum = 0.0;
            foreach ($offsets as $offset => $count) {
                $sum += $count / $all * $values->likely($value + (float) $offset);
            }

            return $sum;
        };
        $first = (float) array_search(max($offsets), $offsets, true);
        $best = Values::best($place, $this->noise / sqrt(count($members)), $likely, -($first - floor($first)));
        $this->bodies->pin($members[0], Length::round(max($low, min($high, $best))));
    }
}
