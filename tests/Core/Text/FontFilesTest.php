<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Text\Font;
use AllSquare\Core\Text\Reading\FontCompiler;
use AllSquare\Core\Text\Reading\FontFile;
use AllSquare\Core\Text\Reading\Sfnt;
use AllSquare\Core\Text\Reading\UnreadableFont;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\FontFiles;
use Tests\Core\Support\RandomScene;

/** Font files, those that are damaged and those that mean harm among them. */
final class FontFilesTest extends TestCase
{
    private static function compiled(string $file): Font
    {
        [$data] = FontCompiler::font(new FontFile(Sfnt::read($file)), 'trial', 400, false);

        return new Font('trial-400', ...$data);
    }

    public function test_a_font_is_the_same_as_woff_and_as_truetype(): void
    {
        self::assertEquals(self::compiled(FontFiles::woff('bitter-400')), self::compiled(FontFiles::trueType('bitter-400')));
    }

    public function test_what_a_font_says_of_itself(): void
    {
        $file = new FontFile(Sfnt::read(FontFiles::woff('source-serif-4-700-italic')));
        self::assertSame(['Source Serif 4', 700, true], [$file->family(), $file->weight(), $file->isItalic()]);
        $font = self::compiled(FontFiles::woff('overpass-400'));
        self::assertSame([2000, 1766, 766, 1400, 1022], [$font->unitsPerEm, $font->ascent, $font->descent, $font->capital, $font->small]);
        self::assertSame([272, 168], [$font->underlineAt, $font->underlineWeight]);
    }

    public function test_the_old_table_of_kerning_counts_where_there_is_no_other(): void
    {
        $characters = (new FontFile(Sfnt::read(FontFiles::woff('work-sans-400'))))->characters;
        $kern = pack('nnnnnnnnnnnn', 0, 1, 0, 20, 1, 1, 0, 0, 0, $characters[0x54], $characters[0x6F], 0x10000 - 77);
        $font = self::compiled(FontFiles::trueType('work-sans-400', ['GPOS' => null, 'kern' => $kern]));
        self::assertSame(-77, $font->kern(0x54, 0x6F));
        self::assertSame(0, $font->kern(0x6F, 0x54));
        self::assertNotSame(-77, self::compiled(FontFiles::trueType('work-sans-400', ['kern' => $kern]))->kern(0x54, 0x6F));
    }

    /** @return iterable<string, array{callable(): string, string}> */
    public static function unusable(): iterable
    {
        yield 'nothing' => [static fn (): string => '', 'It is no TTF, OTF or WOFF file.'];
        yield 'a picture' => [static fn (): string => "\x89PNG\r\n\x1a\n".str_repeat('x', 500), 'It is no TTF, OTF or WOFF file.'];
        yield 'PostScript outlines' => [static fn (): string => FontFiles::trueType('bitter-400', kind: 'OTTO'), 'Its outlines are PostScript (CFF)'];
        yield 'the second WOFF' => [static fn (): string => 'wOF2'.str_repeat("\0", 100), 'It is WOFF 2'];
        yield 'a collection' => [static fn (): string => 'ttcf'.str_repeat("\0", 100), 'a collection of several fonts'];
        yield 'half of it' => [static fn (): string => substr(FontFiles::trueType('bitter-400'), 0, 40_000), 'It ends in the middle'];
        yield 'half of a WOFF' => [static fn (): string => substr(FontFiles::woff('bitter-400'), 0, 40_000), 'It ends in the middle'];
        yield 'no outlines' => [static fn (): string => FontFiles::trueType('bitter-400', ['glyf' => null]), 'It lacks the table glyf.'];
        yield 'no characters' => [static fn (): string => FontFiles::trueType('bitter-400', ['cmap' => pack('nn', 0, 0)]), 'It does not say which character is which'];
        yield 'an em of nothing' => [static fn (): string => FontFiles::trueType('bitter-400', ['head' => substr_replace(self::table('head'), "\0\0", 18, 2)]), 'It has 0 units to the em'];
        yield 'no widths' => [static fn (): string => FontFiles::trueType('bitter-400', ['hhea' => substr_replace(self::table('hhea'), "\0\0", 34, 2)]), 'how wide its letters are'];
        yield 'no name' => [static fn (): string => FontFiles::trueType('bitter-400', ['name' => pack('nnn', 0, 0, 6)]), 'It has no name'];
        yield 'a WOFF that claims to be huge' => [static fn (): string => substr_replace(FontFiles::woff('bitter-400'), pack('N', 0x7FFFFFFF), 44 + 12, 4), 'larger than 16 MB'];
        yield 'a table that unpacks to more than it says' => [static function (): string {
            $packed = (string) gzcompress(str_repeat("\0", 5_000_000), 9);

            return 'wOFF'."\0\1\0\0".pack('NnnN', 64 + strlen($packed), 1, 0, 0).str_repeat("\0", 24).'glyf'.pack('NNNN', 64, strlen($packed), strlen($packed) + 1, 0).$packed;
        }, 'cannot be unpacked'];
        yield 'a glyph made of itself' => [static fn (): string => FontFiles::trueType('bitter-400', self::madeOfItself()), 'made of itself'];
        yield 'characters without end' => [static fn (): string => FontFiles::trueType('bitter-400', ['cmap' => pack('nnnnN', 0, 1, 3, 10, 12).pack('nnNNN', 12, 0, 28, 0, 1).pack('NNN', 0, 0x7FFFFFFF, 1)]), 'more than 12,000 characters'];
        yield 'the same characters over and over' => [static fn (): string => FontFiles::trueType('bitter-400', ['cmap' => pack('nnnnN', 0, 1, 3, 10, 12).pack('nnNNN', 12, 0, 28, 0, 5_000).str_repeat(pack('NNN', 1, 9_000, 1), 5_000)]), 'name one another without end'];
        yield 'the same classes over and over' => [static fn (): string => FontFiles::trueType('bitter-400', ['GDEF' => pack('nnnnnn', 1, 0, 12, 0, 0, 0).pack('nn', 2, 40_000).str_repeat(pack('nnn', 0, 0xFFFF, 3), 40_000)]), 'name one another without end'];
        yield 'a table of kerning 60,000 times' => [static fn (): string => FontFiles::trueType('bitter-400', ['GPOS' => self::kerning(60_000)]), 'more than 2,000 tables'];
        yield 'a hundred tables' => [static fn (): string => "\0\1\0\0".pack('nnnn', 100, 0, 0, 0).str_repeat("\0", 2_000), 'It has 100 tables'];
    }

    /** @param  callable(): string  $file */
    #[DataProvider('unusable')]
    public function test_what_cannot_be_used_is_refused_with_the_reason(callable $file, string $reason): void
    {
        $this->expectException(UnreadableFont::class);
        $this->expectExceptionMessage($reason);
        self::compiled($file());
    }

    public function test_whatever_bytes_are_changed_a_font_is_read_or_refused(): void
    {
        $tried = $refused = 0;
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            foreach (['abril-fatface-400', 'barlow-condensed-400'] as $key) {
                $file = FontFiles::trueType($key);
                for ($i = 0; $i < 12; $i++) {
                    $damaged = $file;
                    for ($k = $chance->getInt(1, 40); $k > 0; $k--) {
                        // Most of what can go wrong stands in the directory and at the beginning of tables.
                        $damaged[$chance->getInt(0, 2) === 0 ? $chance->getInt(0, strlen($file) - 1) : $chance->getInt(4, 2_000)] = chr($chance->getInt(0, 255));
                    }
                    $from = microtime(true);
                    try {
                        self::compiled($damaged);
                    } catch (UnreadableFont) {
                        $refused++;
                    }
                    self::assertLessThan(5.0, microtime(true) - $from, "seed $seed: $key");
                    $tried++;
                }
            }
        }
        self::assertSame(72, $tried);
        self::assertGreaterThan(5, $refused);
        self::assertLessThan(256 * 1024 * 1024, memory_get_peak_usage());
    }

    private static function table(string $tag): string
    {
        return Sfnt::read(FontFiles::woff('bitter-400'))->needed($tag)->data;
    }

    /** A table GPOS whose one lookup for kern names the same subtable that often. */
    private static function kerning(int $times): string
    {
        $scripts = pack('n', 1).'latn'.pack('nnnnnnn', 8, 4, 0, 0, 0xFFFF, 1, 0);
        $features = pack('n', 1).'kern'.pack('nnnn', 8, 0, 1, 0);
        $lookups = pack('nnnnn', 1, 4, 2, 0, $times).str_repeat(pack('n', 0), $times);

        return pack('nnnnn', 1, 0, 10, 10 + strlen($scripts), 10 + strlen($scripts) + strlen($features)).$scripts.$features.$lookups;
    }

    /** @return array<string, string> tables with an A that is made of an A */
    private static function madeOfItself(): array
    {
        $file = Sfnt::read(FontFiles::woff('bitter-400'));
        $glyph = (new FontFile($file))->characters[0x41];
        $glyf = $file->needed('glyf')->data;
        $isLong = $file->needed('head')->i16(50) !== 0;
        $at = $isLong ? $file->needed('loca')->u32(4 * $glyph) : 2 * $file->needed('loca')->u16(2 * $glyph);

        return ['glyf' => substr_replace($glyf, pack('nnnnn', 0xFFFF, 0, 0, 0, 0).pack('nnCC', 0, $glyph, 0, 0), $at, 16)];
    }
}
