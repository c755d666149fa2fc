<?php

declare(strict_types=1);

namespace Tests\Core\Slice;

use AllSquare\Core\Slice\FileNames;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FileNamesTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function names(): iterable
    {
        yield ['cards/skerry', 'cards/skerry'];
        yield ['../../etc/x', 'etc/x'];
        yield ['/absolute', 'absolute'];
        yield ['C:\\things\\a', 'C-/things/a'];
        yield ['a/b:c?', 'a/b-c-'];
        yield ['CON', '_CON'];
        yield ['lpt1.txt', '_lpt1.txt'];
        yield ['...', 'slice'];
        yield ['', 'slice'];
        yield ["tab\tand\nline", 'tab-and-line'];
        yield [' Hafen Süd. ', 'Hafen Süd'];
    }

    #[DataProvider('names')]
    public function test_every_system_takes_them(string $name, string $stem): void
    {
        self::assertSame($stem, (new FileNames)->stem($name));
    }

    public function test_long_names_are_cut_and_names_that_differ_by_case_are_told_apart(): void
    {
        $names = new FileNames;
        self::assertSame(80, mb_strlen($names->stem(str_repeat('é', 300))));
        self::assertSame(['pier', 'PIER-2', 'Pier-3'], array_map($names->stem(...), ['pier', 'PIER', 'Pier']));
    }

    public function test_scales_are_in_the_name(): void
    {
        self::assertSame(['a.png', 'a@2x.png', 'a@1.5x.png'], array_map(static fn (float $s): string => FileNames::file('a', $s, 'png'), [1.0, 2.0, 1.5]));
    }
}
