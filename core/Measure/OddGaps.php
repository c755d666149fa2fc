<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

/** Finds the gaps and insets that are meant to be as the others and are not (RULES 6). */
final readonly class OddGaps
{
    /** Nearer than this, at 96 ppi, a gap is taken for one that came out a little wrong, px. */
    private const CLOSE = 8.0;

    /** A run has this many gaps at least. */
    private const RUN = 3;

    private float $close;

    public function __construct(float $ppi)
    {
        $this->close = self::CLOSE * max(1.0, $ppi / 96);
    }

    /**
     * @param  list<Gap>  $gaps  along one axis
     * @return list<Gap> the same, those that are odd with what is expected
     */
    public function among(array $gaps): array
    {
        $sizes = array_map(static fn (Gap $gap): int => $gap->thousandths(), $gaps);
        foreach ($this->byRuns($gaps, $sizes) + $this->byFrequency($sizes) as $i => $expected) {
            $gaps[$i] = $gaps[$i]->expecting($expected);
        }

        return array_values($gaps);
    }

    /**
     * Of four insets, three that agree make the fourth odd.
     *
     * @param  list<EdgeGap>  $insets  of one item
     * @return list<EdgeGap>
     */
    public function amongInsets(array $insets): array
    {
        if (count($insets) !== 4) {
            return $insets;
        }
        $counts = array_count_values(array_map(static fn (EdgeGap $inset): int => (int) round($inset->size * 1000), $insets));
        arsort($counts);
        if (reset($counts) !== 3) {
            return $insets;
        }
        $agreed = (float) (array_key_first($counts) / 1000);

        return array_map(static fn (EdgeGap $inset): EdgeGap => $inset->size === $agreed ? $inset : new EdgeGap($inset->item, $inset->ground, $inset->side, $inset->size, $agreed), $insets);
    }

    /**
     * In a chain of three gaps or more, at least half of which, and two, agree: those that differ by half of it at most.
     *
     * @param  list<Gap>  $gaps
     * @param  list<int>  $sizes  theirs, in thousandths of a px
     * @return array<int, float> what is expected, by place
     */
    private function byRuns(array $gaps, array $sizes): array
    {
        $expected = [];
        foreach (Runs::of($gaps) as $run) {
            if (count($run) < self::RUN) {
                continue;
            }
            $counts = [];
            foreach ($run as $i) {
                $counts[$sizes[$i]] = ($counts[$sizes[$i]] ?? 0) + 1;
            }
            $least = max(2, (int) ceil(count($run) / 2));
            if (count($counts) === 1 || max($counts) < $least) {
                continue;
            }
            $agreed = array_filter($counts, static fn (int $count): bool => $count >= $least);
            foreach ($run as $i) {
                $size = $sizes[$i];
                $fitting = array_filter($agreed, static fn (int $of): bool => abs($size - $of) <= $of / 2, ARRAY_FILTER_USE_KEY);
                if (! isset($agreed[$size]) && $fitting !== []) {
                    $expected[$i] = self::best($size, $fitting);
                }
            }
        }

        return $expected;
    }

    /**
     * What occurs twice at most, close to what occurs three times and twice as often at least.
     *
     * @param  list<int>  $sizes  in thousandths of a px
     * @return array<int, float>
     */
    private function byFrequency(array $sizes): array
    {
        $counts = array_count_values($sizes);
        $often = array_filter($counts, static fn (int $count): bool => $count >= 3);
        $all = array_keys($often);
        sort($all);
        $expected = [];
        foreach ($often === [] ? [] : $sizes as $i => $size) {
            if ($counts[$size] > 2) {
                continue;
            }
            $fitting = [];
            foreach (self::near($all, $size, (int) round($this->close * 1000)) as $of) {
                if ($often[$of] >= 2 * $counts[$size] && abs($size - $of) <= 0.35 * $of) {
                    $fitting[$of] = $often[$of];
                }
            }
            if ($fitting !== []) {
                $expected[$i] = self::best($size, $fitting);
            }
        }

        return $expected;
    }

    /**
     * @param  list<int>  $sizes  ascending
     * @return list<int> those within a distance
     */
    private static function near(array $sizes, int $size, int $distance): array
    {
        $from = 0;
        $to = count($sizes);
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            $sizes[$middle] < $size - $distance ? $from = $middle + 1 : $to = $middle;
        }
        $near = [];
        for ($i = $from; $i < count($sizes) && $sizes[$i] <= $size + $distance; $i++) {
            $near[] = $sizes[$i];
        }

        return $near;
    }

    /**
     * The nearest, then the most frequent, then the smaller.
     *
     * @param  non-empty-array<int, int>  $counts  how often each occurs, by size in thousandths of a px
     * @return float px
     */
    private static function best(int $size, array $counts): float
    {
        $sizes = array_keys($counts);
        usort($sizes, static fn (int $a, int $b): int => [abs($size - $a), -$counts[$a], $a] <=> [abs($size - $b), -$counts[$b], $b]);

        return $sizes[0] / 1000;
    }
}
