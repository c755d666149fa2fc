<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

/**
 * Which edges lie between what is included and what is not. How often each shape runs round a place is counted along a ray from it; along
 * a chain of edges in which no other ends it is the same.
 */
final readonly class Sides
{
    /**
     * @param  list<string>  $rules  what counts as inside of each shape: nonzero or evenodd
     */
    public function __construct(private Edges $edges, private array $rules, private How $how)
    {
    }

    /** @return list<array{int, int, int, int, list<array{int, float, float}>}> edges of the outcome, which lies to the right of each, y downwards */
    public function borders(): array
    {
        // A ray goes across an edge, not along it: from steep ones to the right, from flat ones downwards.
        $chains = $this->edges->chains();
        $steep = $flat = [];
        foreach (array_keys($chains) as $i) {
            [$x1, $y1, $x2, $y2] = $this->edges->list[$i];
            $y2 - $y1 >= abs($x2 - $x1) ? $steep[] = $i : $flat[] = $i;
        }
        $borders = [];
        foreach ([...$this->beside($steep, false), ...$this->beside($flat, true)] as [$i, $near, $far]) {
            $isNear = $this->how->includes($this->covered($near));
            if ($isNear === $this->how->includes($this->covered($far))) {
                continue;
            }
            foreach ($chains[$i] as $j => $isForth) {
                [$x1, $y1, $x2, $y2] = $this->edges->list[$j];
                $borders[] = $isNear === $isForth
                    ? [$x2, $y2, $x1, $y1, array_map(static fn (array $of): array => [$of[0], $of[2], $of[1]], $this->edges->sources[$j])]
                    : [$x1, $y1, $x2, $y2, $this->edges->sources[$j]];
            }
        }

        return $borders;
    }

    /**
     * @param  array<int, int>  $turns
     * @return list<bool>
     */
    private function covered(array $turns): array
    {
        $covered = [];
        foreach ($turns as $shape => $count) {
            $covered[] = $this->rules[$shape] === 'evenodd' ? $count % 2 !== 0 : $count !== 0;
        }

        return $covered;
    }

    /**
     * How often each shape runs round what lies on both sides of edges.
     *
     * @param  list<int>  $of
     * @param  bool  $down  whether rays go downwards, else to the right
     * @return list<array{int, array<int, int>, array<int, int>}> the edge; on the side that, along the edge, lies to the left; and on the other
     */
    private function beside(array $of, bool $down): array
    {
        if ($of === []) {
            return [];
        }
        // Seen along the ray: u runs with it, v across it.
        $lines = [];
        foreach ($this->edges->list as $i => [$x1, $y1, $x2, $y2]) {
            [$u1, $v1, $u2, $v2] = $down ? [$y1, $x1, $y2, $x2] : [$x1, $y1, $x2, $y2];
            if ($v1 !== $v2) {
                $lines[$i] = $v1 < $v2 ? [$u1, $v1, $u2, $v2, 1] : [$u2, $v2, $u1, $v1, -1];
            }
        }
        $bands = new Bands($lines);
        $beside = [];
        foreach ($of as $i) {
            [$u1, $v1, $u2, $v2] = $lines[$i];
            $turns = array_fill(0, count($this->rules), 0);
            // Twice the middle, which is a whole number.
            [$u, $v] = [$u1 + $u2, $v1 + $v2];
            foreach ($bands->at($v) as $j) {
                [$a, $b, $c, $d, $sign] = $lines[$j];
                if ($j !== $i && 2 * $b <= $v && $v < 2 * $d && ($u - 2 * $a) * ($d - $b) < ($v - 2 * $b) * ($c - $a)) {
                    foreach ($this->edges->turns[$j] as $shape => $count) {
                        $turns[$shape] += $sign * $count;
                    }
                }
            }
            $past = [];
            foreach ($this->edges->turns[$i] as $shape => $count) {
                $past[] = $turns[$shape] + $lines[$i][4] * $count;
            }
            // Ahead of the ray lies what is left of an edge that goes down, and right of one that goes to the right.
            $beside[] = $down === ($lines[$i][4] === 1) ? [$i, $past, $turns] : [$i, $turns, $past];
        }

        return $beside;
    }
}
