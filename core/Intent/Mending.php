<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/**
 * Brings single things back to where everything else says that they belong: for each the place that agrees with the most lines
 * and distances, where that is clearly more than agrees with its own.
 */
final readonly class Mending
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

    private Evidence $evidence;

    private Companions $companions;

    /**
     * @param  list<Relation>  $relations
     * @param  list<Relation>  $across  those along the other axis
     */
    public function __construct(private Things $things, array $relations, array $across)
    {
        $this->evidence = new Evidence($things, $relations);
        $this->companions = new Companions($things, $relations, $across);
    }

    /** @return list<float> the new leading edges */
    public function places(): array
    {
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $found = [];
            foreach (array_keys($this->things->leads) as $thing) {
                $better = $this->things->reaches[$thing] === 0.0 ? null : $this->better($thing);
                if ($better !== null) {
                    $found[$thing] = $better[1];
                }
            }
            arsort($found);
            foreach (array_keys($found) as $thing) {
                // What moved before may have settled it.
                $better = $this->better($thing);
                if ($better !== null) {
                    $this->evidence->move($better[2], $better[0]);
                }
            }
            if ($found === []) {
                break;
            }
        }

        return array_values($this->evidence->leads);
    }

    /** @return array{float, float, list<int>}|null how far to move it, px, how much more there is for that, and what moves with it */
    private function better(int $thing): ?array
    {
        $alone = $this->betterFor([$thing], $thing);
        if ($alone !== null) {
            return $alone;
        }
        $with = $this->companions->of($thing, $this->evidence->leads);

        return $with === [] ? null : $this->betterFor([$thing, ...$with], $thing);
    }

    /**
     * @param  non-empty-list<int>  $clump
     * @return array{float, float, list<int>}|null
     */
    private function betterFor(array $clump, int $thing): ?array
    {
        $now = $this->evidence->support($clump, 0.0);
        $best = null;
        foreach ($now >= self::SURE * count($clump) ? [] : $this->candidates($thing) as $place) {
            $by = $place - $this->evidence->leads[$thing];
            if (! $this->reach($clump, $by)) {
                continue;
            }
            $support = $this->evidence->support($clump, $by);
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
    private function reach(array $clump, float $by): bool
    {
        foreach ($clump as $one) {
            if (abs($this->evidence->leads[$one] + $by - $this->things->origins[$one]) > $this->things->reaches[$one] + 0.0005) {
                return false;
            }
        }

        return true;
    }

    /** @return list<float> places to which something would be an edge or a distance that there is, px */
    private function candidates(int $thing): array
    {
        $places = [];
        $reach = $this->things->reaches[$thing];
        [$low, $high] = [$this->things->origins[$thing] - $reach, $this->things->origins[$thing] + $reach];
        foreach ($this->things->edges[$thing] as $edge => $offset) {
            foreach ($this->evidence->linesBetween($edge, $low + $offset, $high + $offset) as $at) {
                $places[] = $at - $offset;
            }
        }
        $lead = $this->evidence->leads[$thing];
        $before = $after = null;
        foreach ($this->evidence->distances($thing) as [$relation, $size]) {
            $sign = $relation->b === $thing ? 1 : -1;
            foreach ($this->evidence->sizesBetween($relation->sort, $size - 2 * $reach, $size + 2 * $reach) as $other) {
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
