<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Intent\LineFinder;
use AllSquare\Core\Intent\Segments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Numbers are divided into those that were meant to be one so that all are told most shortly. */
final class SegmentsTest extends TestCase
{
    /** @return array<string, array{list<float>, list<list<float>>}> numbers told to 1 px, and how they are divided */
    public static function divisions(): array
    {
        return [
            'none' => [[], []],
            'one' => [[5.0], [[5.0]]],
            'two far apart' => [[10.0, 60.0], [[10.0], [60.0]]],
            'two near each other' => [[10.0, 11.0], [[10.0, 11.0]]],
            'two columns put down by eye' => [[62.0, 63.5, 64.0, 65.0, 246.0, 248.0, 249.0], [[62.0, 63.5, 64.0, 65.0], [246.0, 248.0, 249.0]]],
            'a stray between two columns' => [[40.0, 40.0, 41.0, 70.0, 100.0, 101.0], [[40.0, 40.0, 41.0], [70.0], [100.0, 101.0]]],
        ];
    }

    /**
     * @param  list<float>  $numbers
     * @param  list<list<float>>  $expected
     */
    #[DataProvider('divisions')]
    public function test_numbers_are_divided(array $numbers, array $expected): void
    {
        $found = Segments::of($numbers, array_fill(0, count($numbers), 1.0), LineFinder::cost(1.0, 400.0), 3.0, 12.0);
        self::assertSame($expected, array_map(static fn (array $of): array => array_slice($numbers, $of[0], $of[1] - $of[0]), $found->each));
    }

    public function test_what_is_further_apart_than_the_reach_is_never_one(): void
    {
        $found = Segments::of([0.0, 4.0, 8.0, 12.0], array_fill(0, 4, 100.0), 1e6, 0.0, 9.0);
        foreach ($found->each as [$from, $to]) {
            self::assertLessThanOrEqual(3, $to - $from);
        }
        self::assertCount(2, $found->each);
    }

    /** Against all divisions, of up to ten numbers by chance. */
    public function test_no_other_division_is_told_more_shortly(): void
    {
        $tried = 0;
        $chance = new Randomizer(new Mt19937(11));
        for ($round = 0; $round < 120; $round++) {
            $numbers = [];
            for ($i = $chance->getInt(1, 10); $i > 0; $i--) {
                // Further apart than those that are taken together from the start.
                $numbers[] = $i * 0.5 + $chance->getInt(0, 6) * 5.0;
            }
            sort($numbers);
            $cost = $chance->getInt(1, 60) / 10;
            $found = Segments::of($numbers, array_fill(0, count($numbers), 1.0), $cost, 0.0, INF);
            self::assertEqualsWithDelta($this->shortest($numbers, $cost), $found->told, 1e-6);
            $tried += count($found->each) > 1 ? 1 : 0;
        }
        self::assertGreaterThan(60, $tried);
    }

    /** @param  list<float>  $numbers */
    private function shortest(array $numbers, float $cost): float
    {
        $least = INF;
        for ($cuts = 0; $cuts < 2 ** (count($numbers) - 1); $cuts++) {
            $told = 0.0;
            $segment = [];
            foreach ($numbers as $i => $number) {
                $segment[] = $number;
                if ($i === count($numbers) - 1 || ($cuts >> $i & 1) === 1) {
                    $mean = array_sum($segment) / count($segment);
                    $told += $cost + array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $segment)) / 2;
                    $segment = [];
                }
            }
            $least = min($least, $told);
        }

        return $least;
    }
}
