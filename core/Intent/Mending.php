<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/**
 * Brings single things back to where everything else says that they belong: for each the place that agrees with the most lines
 * and distances, where that is clearly more than agrees with its own.
 */
final class Mending
{
    /** so much more has to speak for another place than for its own */
    private const GAIN = 1.5;

    /** so much has to speak for a place at least */
    private const LEAST = 2.0;

    /** what has so much for it stays without a look round */
    private const SURE = 4.0;

    /** what speaks against a place as far away as it may be */
    private const FAR = 0.5;

    private const ROUNDS = 4;

    private Things $things;

    private ?Evidence $evidence = null;

    /** @var array<int, int> those that may lie better elsewhere, as things lie in the evidence */
    private array $unsure = [];

    /** @var array<string, non-empty-array<int, float>> how much speaks for things that go along with each other, by these, since something was moved */
    private array $supports = [];

    /** whether what was asked about last may lie better elsewhere */
    private bool $isUnsure = false;

    /**
     * @param  list<Relation>  $relations
     * @param  Companions  $companions  what goes along with what
     */
    public function __construct(private readonly array $relations, private readonly Companions $companions)
    {
    }

    /**
     * @param  Things  $things  where they lie by now; those that were sure of the same places before are not asked again
     * @return list<float> the new leading edges
     */
    public function places(Things $things): array
    {
        $this->things = $things;
        $waiting = array_filter($things->reaches);
        if ($this->evidence?->leads === $things->leads) {
            $waiting = array_intersect_key($waiting, $this->unsure);
        } else {
            $this->evidence = new Evidence($things, $this->relations);
            $this->unsure = $this->supports = [];
        }
        $evidence = $this->evidence;
        for ($round = 0; $round < self::ROUNDS && $waiting !== []; $round++) {
            $moved = $this->round($evidence, array_keys($waiting));
            // Again those that were not sure of their places, and what lies next to what has moved.
            $waiting = $moved === [] ? [] : array_intersect_key(array_filter($things->reaches), $this->unsure + $moved);
        }
        if ($waiting !== []) {
            $this->evidence = null;
        }

        return array_values($evidence->leads);
    }

    /**
     * @param  list<int>  $things
     * @return array<int, true> those that have moved, and what lies next to them
     */
    private function round(Evidence $evidence, array $things): array
    {
        $found = [];
        foreach ($things as $thing) {
            $better = $this->better($evidence, $thing);
            if ($better !== null) {
                $found[$thing] = $better[1];
            }
            if ($this->isUnsure) {
                $this->unsure[$thing] = $thing;
            } else {
                unset($this->unsure[$thing]);
            }
        }
        arsort($found);
        $moved = [];
        foreach (array_keys($found) as $thing) {
            // What moved before may have settled it.
            $better = $this->better($evidence, $thing);
            if ($better !== null) {
                $evidence->move($better[2], $better[0]);
                $this->supports = [];
                $moved += $evidence->beside($better[2]);
            }
        }

        return $moved;
    }

    /** @return array{float, float, list<int>}|null how far to move it, px, how much more there is for that, and what moves with it */
    private function better(Evidence $evidence, int $thing): ?array
    {
        $this->isUnsure = false;
        $with = $this->companions->of($thing, $evidence->leads);
        if ($with !== [] && $this->areSure($evidence, $thing, [$thing, ...$with])) {
            return null;
        }
        $alone = $this->betterFor($evidence, [$thing], $thing);

        return $alone ?? ($with === [] ? null : $this->betterFor($evidence, [$thing, ...$with], $thing));
    }

    /**
     * Whether all of them together, and one of them, have so much for them that nothing else has to be looked at: by itself it has
     * no less than among those that go along with it.
     *
     * @param  non-empty-list<int>  $clump
     */
    private function areSure(Evidence $evidence, int $thing, array $clump): bool
    {
        sort($clump);
        $supports = $this->supports[implode(' ', $clump)] ??= $evidence->supports($clump, 0.0);

        return $supports[$thing] >= self::SURE && array_sum($supports) >= self::SURE * count($clump);
    }

    /**
     * @param  non-empty-list<int>  $clump
     * @return array{float, float, list<int>}|null
     */
    private function betterFor(Evidence $evidence, array $clump, int $thing): ?array
    {
        $now = $evidence->support($clump, 0.0);
        if ($now >= self::SURE * count($clump)) {
            return null;
        }
        $this->isUnsure = true;
        $best = null;
        foreach ($this->candidates($evidence, $thing) as $place) {
            $by = $place - $evidence->leads[$thing];
            if (! $this->reach($evidence, $clump, $by)) {
                continue;
            }
            $support = $evidence->support($clump, $by);
            $gain = $support - $now - self::FAR * abs($place - $this->things->origins[$thing]) / $this->things->reaches[$thing];
            if ($support >= self::LEAST && $gain >= self::GAIN && ($best === null || $gain > $best[1])) {
                $best = [$by, $gain, $clump];
            }
        }

        return $best;
    }

    /**
     * Whether all of them may go so far.
     *
     * @param  non-empty-list<int>  $clump
     */
    private function reach(Evidence $evidence, array $clump, float $by): bool
    {
        foreach ($clump as $one) {
            if (abs($evidence->leads[$one] + $by - $this->things->origins[$one]) > $this->things->reaches[$one] + 0.0005) {
                return false;
            }
        }

        return true;
    }

    /** @return list<float> places to which something would be an edge or a distance that there is, px */
    private function candidates(Evidence $evidence, int $thing): array
    {
        $places = [];
        $reach = $this->things->reaches[$thing];
        [$low, $high] = [$this->things->origins[$thing] - $reach, $this->things->origins[$thing] + $reach];
        foreach ($this->things->edges[$thing] as $edge => $offset) {
            foreach ($evidence->linesBetween($edge, $low + $offset, $high + $offset) as $at) {
                $places[] = $at - $offset;
            }
        }
        $lead = $evidence->leads[$thing];
        $before = $after = null;
        foreach ($evidence->distances($thing) as [$relation, $size]) {
            $sign = $relation->b === $thing ? 1 : -1;
            foreach ($evidence->sizesBetween($relation->sort, $size - 2 * $reach, $size + 2 * $reach) as $other) {
                $places[] = $lead + $sign * ($other - $size);
            }
            if ($relation->sort === Relation::GAP) {
                $sign > 0 ? $before = min($before ?? INF, $size) : $after = min($after ?? INF, $size);
            }
        }
        if ($before !== null && $after !== null) {
            $places[] = $lead + ($after - $before) / 2;
        }
        $near = array_filter($places, static fn (float $place): bool => $place >= $low - 0.0005 && $place <= $high + 0.0005);

        return array_values(array_unique(array_map(static fn (float $place): float => round($place, 3), $near)));
    }
}
