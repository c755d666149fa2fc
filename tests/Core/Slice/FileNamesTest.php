<?php

declare(strict_types=1);

namespace Tests\Core\Slice;

use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\Scale;
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
        self::assertSame(120, strlen($names->stem(str_repeat('é', 300))), 'bytes, of which 255 with size and ending are taken everywhere');
        self::assertSame(['pier', 'PIER-2', 'Pier-3'], array_map($names->stem(...), ['pier', 'PIER', 'Pier']));
    }

    public function test_scales_are_in_the_name(): void
    {
        $file = static fn (string $scale): string => FileNames::file('a', Scale::read($scale), FileFormat::Png);
        self::assertSame(['a.png', 'a@2x.png', 'a@1.5x.png', 'a-300w.png', 'a-200h.png'], array_map($file, ['1', '2x', '1.5', '300w', '200h']));
        self::assertSame(['a.svg', 'a@2x.jpg'], [FileNames::file('a', null, FileFormat::Svg), FileNames::file('a', Scale::read('2'), FileFormat::Jpeg)]);
    }

    public function test_a_folder_never_stands_where_a_file_does(): void
    {
        $names = new FileNames;
        self::assertSame(['a', 'a-png/b'], [$names->stem('a'), $names->stem('a.png/b')]);
    }

    public function test_names_that_differ_by_composition_alone_are_told_apart(): void
    {
        $names = new FileNames;
        self::assertSame(['é', 'é-2'], [$names->stem('é'), $names->stem("e\u{301}")]);
    }

    public function test_why_a_file_is_not_called_as_its_slice_is_said(): void
    {
        $names = new FileNames;
        self::assertSame(['pier', null], $names->put('pier'));
        self::assertSame(['Pier-2', 'another file is called "Pier"'], $names->put('Pier'));
        self::assertSame(['a/b-c-', 'not every system takes "a/b:c?"'], $names->put('a/b:c?'));
        self::assertSame(['_CON', 'not every system takes "CON"'], $names->put('CON'));
    }
}
