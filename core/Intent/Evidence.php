<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/**
 * What speaks for things to lie where they do along one axis, or elsewhere: how many others share their edges, and how often
 * their distances occur.
 */
final class Evidence
{
    /** what it says for a place that it is in the middle of what a thing lies on */
    private const CENTRED = 2.5;

    /** thousandths of a px by which facing insets differ where the room between them is odd */
    private const ODD = 1000;

    /** @var array<int, float> where things are, px */
    public array $leads;

    /** @var array<int, array<string, int>> where the edges of each are, in thousandths of a px */
    private array $places = [];

    /** @var array<int, int> the size of each relation, in thousandths of a px */
    private array $lengths = [];

    /** what gaps and insets are counted under, and after them each type of relations */
    private const SORTS = [Relation::GAP => 0, Relation::INSET => 1];

    /**
     * The relations of each thing: which, to what, whether they grow (1) or shrink (-1) with its place, on which side of it, and
     * whether it lies in the other.
     *
     * @var array<int, list<array{int, int, int, int, bool}>>
     */
    private array $of = [];

    /** @var array<string, array<int, array<string, int>>> how many things of each type by edge, then by place in thousandths of a px */
    private array $lines = [];

    /** @var array<string, array<string, array<string, int>>> how often things of two types share an edge */
    private array $makes = [];

    /** @var list<float> px from lead to lead beyond the size of each relation */
    private array $rests = [];

    /** @var list<int> the sort of each relation */
    private array $sorts = [];

    /** @var list<int> the type of each relation */
    private array $kinds = [];

    /** @var array<int, array<int, int>> how often each size occurs, in thousandths of a px, by sort and by type */
    private array $sizes = [[], []];

    /** @var array<string, list<int>> places and sizes that there are, in thousandths of a px, ascending */
    private array $sorted = [];

    /** @param  list<Relation>  $relations */
    public function __construct(private readonly Things $things, private readonly array $relations)
    {
        $this->leads = $things->leads;
        $types = [];
        foreach ($relations as $i => $relation) {
            [$a, $b, $sort] = [$relation->a, $relation->b, self::SORTS[$relation->sort]];
            $isInset = $sort === self::SORTS[Relation::INSET];
            $this->of[$a][] = [$i, $b, -1, 2 * $sort, $isInset && $relation->toEnd];
            $this->of[$b][] = [$i, $a, 1, 2 * $sort + 1, $isInset && ! $relation->toEnd];
            $this->rests[] = $relation->rest($things);
            $this->sorts[] = $sort;
            $this->kinds[] = $types[$relation->type($things)] ??= count($types) + count(self::SORTS);
            $this->count($i, 1);
        }
        foreach (array_keys($this->leads) as $thing) {
            $this->put($thing, 1);
        }
    }

    /** @param  list<int>  $clump */
    public function move(array $clump, float $by): void
    {
        foreach ($clump as $thing) {
            foreach ([-1, 1] as $count) {
                $this->put($thing, $count);
                foreach ($this->of[$thing] ?? [] as [$i]) {
                    $this->count($i, $count);
                }
                $this->leads[$thing] = round($this->leads[$thing] + ($count < 0 ? $by : 0.0), 3);
            }
        }
        $this->sorted = [];
    }

    /**
     * @param  list<int>  $clump
     * @return array<int, true> these, and what lies next to them, on them or under them
     */
    public function beside(array $clump): array
    {
        $beside = [];
        foreach ($clump as $thing) {
            $beside[$thing] = true;
            foreach ($this->of[$thing] ?? [] as [, $other]) {
                $beside[$other] = true;
            }
        }

        return $beside;
    }

    /**
     * How much speaks for things to lie so far from where they are, they themselves not counted.
     *
     * @param  non-empty-list<int>  $clump
     */
    public function support(array $clump, float $by): float
    {
        return array_sum($this->supports($clump, $by));
    }

    /**
     * @param  non-empty-list<int>  $clump
     * @return non-empty-array<int, float> the same for each
     */
    public function supports(array $clump, float $by): array
    {
        $isIn = array_flip($clump);
        $own = $this->own($clump, $isIn);
        $supports = [];
        foreach ($clump as $one) {
            $supports[$one] = $this->supportOf($one, self::key($by), $isIn, $own);
        }

        return $supports;
    }

    /**
     * @param  non-empty-list<int>  $clump
     * @param  array<int, int>  $isIn
     * @return array<int, array<int, int>> how often their distances are of each size, by sort and by type
     */
    private function own(array $clump, array $isIn): array
    {
        $own = [];
        foreach ($clump as $one) {
            foreach ($this->of[$one] ?? [] as [$i, $other, $sign]) {
                // What lies between two of them is met twice, and counts once.
                if ($sign < 0 || ! isset($isIn[$other])) {
                    $key = $this->lengths[$i];
                    foreach ([$this->sorts[$i], $this->kinds[$i]] as $of) {
                        $own[$of][$key] = ($own[$of][$key] ?? 0) + 1;
                    }
                }
            }
        }

        return $own;
    }

    /**
     * @param  int  $by  thousandths of a px
     * @param  array<int, int>  $isIn
     * @param  array<int, array<int, int>>  $own
     */
    private function supportOf(int $thing, int $by, array $isIn, array $own): float
    {
        $support = 0.0;
        foreach ($this->places[$thing] as $edge => $at) {
            $support = max($support, $this->onLine($thing, $edge, $at, $at + $by, $isIn));
        }
        $sides = [0.0, 0.0, 0.0, 0.0];
        $insets = [];
        foreach ($this->of[$thing] ?? [] as [$i, $other, $sign, $side, $isInset]) {
            if (isset($isIn[$other])) {
                continue;
            }
            $key = $this->lengths[$i] + $sign * $by;
            if ($isInset) {
                $insets[] = $key;
            }
            [$sort, $kind] = [$this->sorts[$i], $this->kinds[$i]];
            $alike = ($this->sizes[$kind][$key] ?? 0) - ($own[$kind][$key] ?? 0);
            $all = ($this->sizes[$sort][$key] ?? 0) - ($own[$sort][$key] ?? 0);
            $speaks = min(3, $alike) + min(1.0, ($all - $alike) / 2);
            // However many things lie on that side, they say it once.
            if ($speaks > $sides[$side]) {
                $sides[$side] = $speaks;
            }
        }
        // In the middle of what it lies on, but for half of an odd number of pixels.
        $isCentred = count($insets) === 2 && abs($insets[0] - $insets[1]) <= self::ODD;

        return $support + array_sum($sides) + ($isCentred ? self::CENTRED : 0.0);
    }

    /**
     * @param  int  $here  where that edge is, in thousandths of a px
     * @param  int  $there  where it would be
     * @param  array<int, int>  $isIn
     */
    private function onLine(int $thing, string $edge, int $here, int $there, array $isIn): float
    {
        $line = $this->lines[$edge][$there] ?? [];
        if ($line === []) {
            return 0.0;
        }
        $types = $this->things->types;
        $type = $types[$thing];
        // Those that go along are not met there, and the pairs that they make do not count.
        foreach ($isIn as $one => $_) {
            if (($this->places[$one][$edge] ?? null) === $there) {
                $line[$types[$one]]--;
            }
        }
        $peers = $others = $made = $drawn = 0;
        foreach ($line as $other => $count) {
            if ($count <= 0) {
                continue;
            }
            if ($other === $type) {
                $peers += $count;
            } elseif (Things::isLineType($other)) {
                // A margin that is also the edge of a column is one line.
                $drawn = max($drawn, $other === Things::DRAWN ? 2 : 1);
            } else {
                $others += $count;
                $made = max($made, ($this->makes[$edge][$type][$other] ?? 0) - ($this->lines[$edge][$here][$other] ?? 0));
            }
        }

        return min(3, $peers + $drawn) + min(1.5, $others / 2) + min(2, $made);
    }

    /** @return list<array{Relation, float}> those of a thing, with their sizes in px */
    public function distances(int $thing): array
    {
        return array_map(fn (array $of): array => [$this->relations[$of[0]], $this->size($of[0])], $this->of[$thing] ?? []);
    }

    /** @return list<float> places of that edge of others, px */
    public function linesBetween(string $edge, float $low, float $high): array
    {
        return $this->near("line $edge", fn (): array => array_keys($this->lines[$edge]), $low, $high);
    }

    /** @return list<float> sizes of distances of that sort, px */
    public function sizesBetween(string $sort, float $low, float $high): array
    {
        return $this->near("size $sort", fn (): array => array_keys($this->sizes[self::SORTS[$sort]]), $low, $high);
    }

    /**
     * @param  callable(): list<int>  $keys
     * @return list<float> px, those between
     */
    private function near(string $name, callable $keys, float $low, float $high): array
    {
        if (! isset($this->sorted[$name])) {
            $this->sorted[$name] = $keys();
            sort($this->sorted[$name]);
        }
        $sorted = $this->sorted[$name];
        [$from, $to] = [0, count($sorted)];
        $least = self::key($low);
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            $sorted[$middle] < $least ? $from = $middle + 1 : $to = $middle;
        }
        $near = [];
        for ($most = self::key($high); $from < count($sorted) && $sorted[$from] <= $most; $from++) {
            $near[] = $sorted[$from] / 1000;
        }

        return $near;
    }

    /** Counts a thing in, or out again, on the lines that it lies on. */
    private function put(int $thing, int $by): void
    {
        $type = $this->things->types[$thing];
        foreach ($this->things->edges[$thing] as $edge => $offset) {
            $key = $by < 0 ? $this->places[$thing][$edge] : $this->places[$thing][$edge] = self::key($this->leads[$thing] + $offset);
            $line = $this->lines[$edge][$key] ?? [];
            if ($by < 0) {
                $line[$type]--;
            }
            foreach ($line as $other => $count) {
                $this->makes[$edge][$type][$other] = ($this->makes[$edge][$type][$other] ?? 0) + $by * $count;
                if ($other !== $type) {
                    $this->makes[$edge][$other][$type] = ($this->makes[$edge][$other][$type] ?? 0) + $by * $count;
                }
            }
            if ($by > 0) {
                $this->lines[$edge][$key][$type] = ($line[$type] ?? 0) + 1;
            } else {
                $this->lines[$edge][$key] = array_filter($line);
            }
        }
    }

    private function count(int $i, int $by): void
    {
        $key = $by < 0 ? $this->lengths[$i] : $this->lengths[$i] = self::key($this->size($i));
        foreach ([$this->sorts[$i], $this->kinds[$i]] as $of) {
            $this->sizes[$of][$key] = ($this->sizes[$of][$key] ?? 0) + $by;
        }
    }

    private function size(int $i): float
    {
        return $this->leads[$this->relations[$i]->b] - $this->leads[$this->relations[$i]->a] - $this->rests[$i];
    }

    private static function key(float $px): int
    {
        return (int) round($px * 1000);
    }
}
