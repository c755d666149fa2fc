<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use AllSquare\Core\Table\Numbers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Numbers in cells: which they are, and where their decimal sign stands. */
final class NumbersTest extends TestCase
{
    #[TestWith(['12.50', '.', '12'])]
    #[TestWith(['-3.5', '.', '-3'])]
    #[TestWith(["\u{2212} 3.5 kn", '.', "\u{2212} 3"])]
    #[TestWith(['1,234.50', '.', '1,234'])]
    #[TestWith(['1.234,50', ',', '1.234'])]
    #[TestWith(['1 234', '.', '1 234'])]
    #[TestWith(['7', '.', '7'])]
    #[TestWith(['.5', '.', ''])]
    #[TestWith(['from 12.50', '.', 'from 12'])]
    #[TestWith(['1.234.567', '.', '1.234.567'])]
    #[TestWith(['40 %', '.', '40'])]
    #[TestWith(['free', '.', 'free'])]
    #[TestWith(['', '.', ''])]
    public function test_what_stands_before_the_line_of_decimal_signs(string $text, string $sign, string $before): void
    {
        self::assertSame($before, mb_substr($text, 0, Numbers::before($text, $sign)));
    }

    /** @return list<array{string, bool}> */
    public static function words(): array
    {
        return [
            ['12.50', true], ['-3', true], ["\u{20AC} 4,50", true], ['1,234.5 kg', true], ['7 %', true], ['+12', true], ['12 min', true], ['.5', true],
            ['07:30', false], ['Pier 4 and 5', false], ['free', false], ['', false], ['2026-11-28', false], ['4/5', false], ['Boat 7 of the morning run', false],
        ];
    }

    #[DataProvider('words')]
    public function test_what_is_a_number(string $text, bool $is): void
    {
        self::assertSame($is, Numbers::isNumber($text));
    }

    public function test_which_sign_stands_before_decimals(): void
    {
        self::assertSame(',', Numbers::decimalSign(['12,50', '3,20', '7']));
        self::assertSame('.', Numbers::decimalSign(['1,200', '3.5']));
        self::assertSame('.', Numbers::decimalSign(['1,234.50']));
        self::assertSame(',', Numbers::decimalSign(['1.234,50']));
        self::assertSame(',', Numbers::decimalSign(['1.234.567']));
        self::assertSame('.', Numbers::decimalSign(['Pier', '07:30', '']));
    }
}
