<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

/**
 * Pieces that lie on one another, taken together: from the upper left end to the lower right one, with how often each shape runs along it
 * more often that way than the other.
 *
 * @phpstan-import-type Piece from Pieces
 */
final readonly class Edges
{
    /**
     * @param  list<array{int, int, int, int}>  $list  x1, y1, x2, y2; the first end has the lower y, or the lower x at one y
     * @param  list<array<int, int>>  $turns  for each edge, by shape
     * @param  list<list<array{int, float, float}>>  $sources  for each edge, which it follows, and from where to where in its direction
     */
    private function __construct(public array $list, public array $turns, public array $sources)
    {
    }

    /** @param  list<Piece>  $pieces */
    public static function between(array $pieces, int $shapes): self
    {
        $none = array_fill(0, $shapes, 0);
        $list = $turns = $sources = [];
        foreach ($pieces as [$x1, $y1, $x2, $y2, $shape, $source, $from, $to]) {
            $isForth = $y1 < $y2 || ($y1 === $y2 && $x1 < $x2);
            $edge = $isForth ? [$x1, $y1, $x2, $y2] : [$x2, $y2, $x1, $y1];
            $key = "$edge[0] $edge[1] $edge[2] $edge[3]";
            $list[$key] = $edge;
            $turns[$key] ??= $none;
            $turns[$key][$shape] += $isForth ? 1 : -1;
            $sources[$key][] = $isForth ? [$source, $from, $to] : [$source, $to, $from];
        }

        return new self(array_values($list), array_values($turns), array_values($sources));
    }

    /**
     * Edges that follow one another from one place at which more than two meet to the next.
     *
     * @return array<int, array<int, bool>> by one of each chain: all of it, with whether it runs the way that one does
     */
    public function chains(): array
    {
        $ends = [];
        foreach ($this->list as $i => [$x1, $y1, $x2, $y2]) {
            $ends["$x1 $y1"][] = $i;
            $ends["$x2 $y2"][] = $i;
        }
        $chains = $isIn = [];
        foreach ($this->list as $i => [$x1, $y1, $x2, $y2]) {
            if (isset($isIn[$i])) {
                continue;
            }
            $chains[$i] = [$i => true];
            foreach ([["$x2 $y2", true], ["$x1 $y1", false]] as [$place, $isOnwards]) {
                $at = $i;
                while (count($ends[$place]) === 2) {
                    $at = $ends[$place][0] === $at ? $ends[$place][1] : $ends[$place][0];
                    if (isset($chains[$i][$at])) {
                        break;
                    }
                    [$ax, $ay, $bx, $by] = $this->list[$at];
                    $beginsHere = "$ax $ay" === $place;
                    $chains[$i][$at] = $beginsHere === $isOnwards;
                    $place = $beginsHere ? "$bx $by" : "$ax $ay";
                }
            }
            $isIn += $chains[$i];
        }

        return $chains;
    }
}
