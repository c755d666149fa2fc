<?php

declare(strict_types=1);

namespace Tests\Core\Slice;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Scale;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScaleTest extends TestCase
{
    /** @return iterable<string, array{string, array{int, int}, bool}> */
    public static function sizes(): iterable
    {
        yield 'its own' => ['1', [51, 40], true];
        yield 'half up' => ['1.5x', [77, 60], false];
        yield 'to a width' => ['300w', [300, 235], false];
        yield 'to a height' => ['80h', [102, 80], true];
        yield 'never nothing' => ['0.001', [1, 1], false];
    }

    /** @param  array{int, int}  $pixels */
    #[DataProvider('sizes')]
    public function test_what_a_slice_of_51_x_40_comes_to(string $scale, array $pixels, bool $whole): void
    {
        $area = new Rect(0, 0, 51, 40);
        self::assertSame($pixels, Scale::read($scale)->pixels($area));
        self::assertSame($whole, Scale::read($scale)->isWhole($area));
    }

    public function test_edges_count_as_well(): void
    {
        self::assertTrue(Scale::read('1.5')->isWhole(new Rect(2, 4, 10, 10)));
        self::assertFalse(Scale::read('1.5')->isWhole(new Rect(3, 4, 10, 10)));
    }

    public function test_which_steps_of_the_sheet_come_to_whole_pixels(): void
    {
        self::assertSame([1, 2, 4, 3, null], array_map(static fn (string $scale): ?int => Scale::read($scale)->step(), ['2', '1.5', '0.75', '1.6666666666666667', '300w']));
    }

    public function test_what_is_no_size_is_refused(): void
    {
        foreach (['', 'x', '-1', '0', '17', '0w', '2.5w', '99999h', '2xx', '1e3'] as $text) {
            try {
                Scale::read($text);
                self::fail("\"$text\" was taken");
            } catch (Refusal $refusal) {
                self::assertSame('scales', $refusal->field);
            }
        }
        self::assertCount(2, Scale::readAll([1, '1x', '1.0', '2x']));
    }
}
