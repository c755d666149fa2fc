<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/**
 * Divides numbers into those that were meant to be one: so that all are told most shortly, where each value costs something to
 * name, and each number something by how far it lies off its value (optimal segmentation by dynamic programming;
 * J. Rissanen, Modeling by shortest data description, 1978).
 */
final readonly class Segments
{
    /** of a standard deviation: numbers nearer to each other are taken together from the start */
    private const FINE = 0.2;

    /** what a value costs beyond others, so near to the one before it that they would not be told from each other */
    private const CLOSE = 6.0;

    /**
     * @param  list<array{int, int}>  $each  from which number, and before which, each goes
     * @param  float  $told  what it takes to tell them, as a logarithm
     */
    private function __construct(public array $each, public float $told)
    {
    }

    /**
     * @param  list<float>  $numbers  ascending
     * @param  list<float>  $variances  of each
     * @param  float  $cost  of a value, as the logarithm of how unlikely it is
     * @param  float  $near  how near to each other two that differ seldom lie
     * @param  float  $reach  how far apart two that are one can lie
     */
    public static function of(array $numbers, array $variances, float $cost, float $near, float $reach): self
    {
        $starts = self::bins($numbers, $variances);
        $count = count($starts) - 1;
        $weights = $sums = $squares = [0.0];
        for ($bin = 0; $bin < $count; $bin++) {
            [$weight, $sum, $square] = [$weights[$bin], $sums[$bin], $squares[$bin]];
            for ($i = $starts[$bin]; $i < $starts[$bin + 1]; $i++) {
                $past = $numbers[$i] - $numbers[0];
                $weight += 1 / $variances[$i];
                $sum += $past / $variances[$i];
                $square += $past * $past / $variances[$i];
            }
            [$weights[], $sums[], $squares[]] = [$weight, $sum, $square];
        }
        $best = [0.0];
        $from = [0];
        for ($to = 1; $to <= $count; $to++) {
            $best[$to] = INF;
            $last = $numbers[$starts[$to] - 1];
            for ($start = $to - 1; $start >= 0 && ($start === $to - 1 || $last - $numbers[$starts[$start]] <= $reach); $start--) {
                $sum = $sums[$to] - $sums[$start];
                $off = max(0.0, $squares[$to] - $squares[$start] - $sum * $sum / ($weights[$to] - $weights[$start]));
                $isClose = $start > 0 && $near > $numbers[$starts[$start]] - $numbers[$starts[$start] - 1];
                $told = $best[$start] + $cost + ($isClose ? self::CLOSE : 0.0) + $off / 2;
                if ($told < $best[$to]) {
                    [$best[$to], $from[$to]] = [$told, $start];
                }
            }
        }
        $segments = [];
        for ($to = $count; $to > 0; $to = $from[$to]) {
            $segments[] = [$starts[$from[$to]], $starts[$to]];
        }

        return new self(array_reverse($segments), $best[$count]);
    }

    /**
     * @param  list<float>  $numbers
     * @param  list<float>  $variances
     * @return list<int> where each begins, and the end
     */
    private static function bins(array $numbers, array $variances): array
    {
        $starts = [];
        $first = -INF;
        foreach ($numbers as $i => $number) {
            if ($number - $first > self::FINE * sqrt($variances[$i])) {
                $starts[] = $i;
                $first = $number;
            }
        }

        return [...$starts, count($numbers)];
    }
}
