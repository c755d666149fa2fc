<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Sum;
use AllSquare\Core\Geometry\SumContext;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SumTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function sums(): iterable
    {
        yield 'a number' => ['64', 64];
        yield 'the worked number of the rules' => ['1in/4 + 6', 81];
        yield 'half an inch' => ['1/2in', 150];
        yield 'half an inch with a space' => ['1/2 in', 150];
        yield 'a space before the unit' => ['2.54 cm', 300];
        yield 'no space before the unit' => ['25.4mm', 300];
        yield 'points' => ['72pt', 300];
        yield 'picas' => ['6pc', 300];
        yield 'per cent of the parent' => ['50%', 400];
        yield 'the own width' => ['w/2', 72];
        yield 'the own place' => ['x + 10', 30];
        yield 'brackets' => ['3*(2+1)', 9];
        yield 'signs' => ['-x + -(-5)', -15];
        yield 'one of two quantities' => ['3*1/2in', 450];
        yield 'a share of lengths is a number' => ['w/w', 1];
        yield 'upper case' => ['1IN', 300];
        yield 'no leading nought' => ['.5', 0.5];
    }

    #[DataProvider('sums')]
    public function test_it_reads(string $text, float $pixels): void
    {
        self::assertEqualsWithDelta($pixels, Sum::pixels($text, new SumContext(300, 800, ['x' => 20.0, 'y' => 5.0, 'w' => 144.0, 'h' => 10.0])), 1e-9);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', 1, 'a number is missing'];
        yield 'a decimal comma' => ['2,5', 2, 'decimals take a point'];
        yield 'length times length' => ['w*w', 2, 'not a length'];
        yield 'number over length' => ['4/w', 2, 'not a length'];
        yield 'a unit nobody knows' => ['10 ells', 4, 'the units are'];
        yield 'an open bracket' => ['(3', 3, 'is missing'];
        yield 'a bracket too many' => ['3)', 2, 'not expected'];
        yield 'an end missing' => ['w/2+', 5, 'a number is missing'];
        yield 'not a number' => ['NaN', 1, 'a number is expected'];
        yield 'an exponent' => ['1e9', 2, 'the units are'];
        yield 'division by nought' => ['5/0', 2, 'divided by 0'];
        yield 'letters beyond ASCII' => ['5 + é', 5, 'a number is expected'];
        yield 'two numbers' => ['5 5', 3, 'not expected'];
    }

    #[DataProvider('unreadable')]
    public function test_it_says_where_it_cannot_read(string $text, int $place, string $why): void
    {
        try {
            Sum::pixels($text, new SumContext(300, 800, ['w' => 144.0]));
            self::fail("\"$text\" was read.");
        } catch (Refusal $refusal) {
            self::assertStringContainsString("at character $place:", $refusal->getMessage());
            self::assertStringContainsString($why, $refusal->getMessage());
        }
    }

    public function test_what_is_not_there_cannot_be_referred_to(): void
    {
        $this->expectExceptionMessage('there is no h to refer to here');
        Sum::pixels('h', new SumContext);
    }

    public function test_a_bare_number_is_in_the_unit_of_the_field(): void
    {
        self::assertEqualsWithDelta(600, Sum::pixels('2', new SumContext(300, unit: Unit::In)), 1e-9);
        self::assertEqualsWithDelta(602, Sum::pixels('2 + 2px', new SumContext(300, unit: Unit::In)), 1e-9);
    }

    public function test_nothing_lies_beyond_a_million(): void
    {
        $this->expectExceptionMessage('beyond 1,000,000 px');
        Sum::pixels('1000000.001');
    }

    public function test_lengths_are_stored_to_a_thousandth_half_up(): void
    {
        self::assertSame(0.001, Length::round(0.0005));
        self::assertSame(-0.0, 0.0 * -1);
        self::assertSame('0', Length::text(Length::round(-0.0001)));
        self::assertSame([10.0, 11.0, -10.0, 10.0], array_map(Length::whole(...), [10.4999, 10.5, -10.5, 10.4]));
        self::assertSame(11.0, Length::whole(10.4999995), 'a hair under the half is the half');
    }
}
