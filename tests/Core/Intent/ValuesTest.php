<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Intent\Values;
use PHPUnit\Framework\TestCase;

/** A value is brought to a whole pixel, and, within what is known of it, to what the sheet is made of. */
final class ValuesTest extends TestCase
{
    /**
     * @param  list<float>  $numbers
     * @return list<array{float, float}>
     */
    private function sure(array $numbers): array
    {
        return array_map(static fn (float $number): array => [$number, 0.1], $numbers);
    }

    private function brought(Values $values, float $value, float $sure): float
    {
        return Values::best($value, $sure, $values->likely(...));
    }

    public function test_the_unit_is_read_from_the_sheet(): void
    {
        $fours = Values::of($this->sure([64.0, 248.0, 432.0, 20.0, 12.0]));
        self::assertSame(184.0, $this->brought($fours, 183.0, 1.0));
        self::assertSame(12.0, $this->brought($fours, 13.2, 1.0));
        $ones = Values::of($this->sure([63.0, 247.0, 431.0, 21.0, 13.0]));
        self::assertSame(183.0, $this->brought($ones, 183.0, 1.0));
        self::assertSame(13.0, $this->brought($ones, 13.2, 1.0));
    }

    public function test_what_is_known_well_stays_on_its_pixel(): void
    {
        $fours = Values::of($this->sure([64.0, 248.0, 432.0, 20.0, 12.0]));
        self::assertSame(183.0, $this->brought($fours, 183.0, 0.1));
        self::assertSame(183.0, $this->brought($fours, 182.8, 0.1));
    }

    public function test_every_value_is_whole(): void
    {
        $values = Values::of([[63.4, 2.0], [12.7, 1.0]]);
        foreach ([0.2, 7.49, 7.51, 1000.5, -3.6] as $value) {
            $best = $this->brought($values, $value, 0.6);
            self::assertSame(floor($best), $best);
            self::assertLessThan(4.0, abs($best - $value));
        }
    }

    public function test_what_was_chosen_for_the_sheet_is_preferred(): void
    {
        $numbers = $this->sure([64.0, 248.0, 432.0]);
        self::assertSame(20.0, $this->brought(Values::of($numbers), 21.0, 1.4));
        self::assertSame(22.0, $this->brought(Values::of($numbers, [22.0]), 21.0, 1.4));
        // And it says what else is likely.
        $unsure = [[63.0, 2.0], [102.0, 2.0]];
        self::assertSame(40.0, $this->brought(Values::of($unsure, [8.0]), 39.0, 1.0));
    }
}
