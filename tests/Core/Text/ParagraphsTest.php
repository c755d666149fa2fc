<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Text\Paragraphs;
use AllSquare\Core\Text\TextAlign;
use AllSquare\Core\Text\TextLine;
use AllSquare\Core\Text\TextStyle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;

final class ParagraphsTest extends TestCase
{
    /** Overpass Mono: every advance is the same, so that widths can be reckoned in the head. */
    private function mono(float $size = 20): TextStyle
    {
        return new TextStyle(Fonts::library()->font('overpass-mono', 400), $size, 1.5, TextAlign::Start);
    }

    /** @return list<string> the words of each line */
    private function lines(string $text, ?int $characters): array
    {
        $style = $this->mono();
        $width = $characters === null ? null : $characters * $style->font->advance(65) * $style->scale();

        return array_map(
            static fn (TextLine $line): string => implode('', array_map(static fn (array $glyph): string => (string) mb_chr($glyph[0]), $line->glyphs)),
            Paragraphs::set($text, $style, $width),
        );
    }

    /** @return iterable<string, array{string, int|null, list<string>}> */
    public static function texts(): iterable
    {
        yield 'empty text is one line' => ['', 10, ['']];
        yield 'line ends of all kinds' => ["a\nb\r\nc\rd", null, ['a', 'b', 'c', 'd']];
        yield 'an end at the end makes a line' => ["a\n", null, ['a', '']];
        yield 'breaks after a blank' => ['one two three', 7, ['onetwo', 'three']];
        yield 'exactly as wide as the frame fits' => ['one two', 7, ['onetwo']];
        yield 'one character less does not' => ['one two', 6, ['one', 'two']];
        yield 'blanks at a break hang' => ['one    two', 4, ['one', 'two']];
        yield 'breaks after a hyphen' => ['half-tide', 6, ['half-', 'tide']];
        yield 'a long word breaks where it must' => ['harbourmaster', 5, ['harbo', 'urmas', 'ter']];
        yield 'narrower than a letter' => ['abc', 0, ['a', 'b', 'c']];
    }

    /** @param  list<string>  $lines */
    #[DataProvider('texts')]
    public function test_it_breaks_lines(string $text, ?int $characters, array $lines): void
    {
        self::assertSame($lines, $this->lines($text, $characters));
    }

    public function test_lines_are_as_wide_as_their_advances_without_the_blanks_at_the_end(): void
    {
        $style = $this->mono();
        [$line] = Paragraphs::set('abc  ', $style, null);
        self::assertSame(3 * $style->font->advance(97), $line->advance);
    }

    public function test_a_tab_goes_to_the_next_multiple_of_eight_blanks(): void
    {
        $style = $this->mono();
        $blank = $style->font->advance(32);
        [$line] = Paragraphs::set("abc\tx", $style, null);
        self::assertSame([120, 8 * $blank], $line->glyphs[3]);
        [$line] = Paragraphs::set("abcdefgh\tx", $style, null);
        self::assertSame([120, 16 * $blank], $line->glyphs[8]);
    }

    public function test_composed_and_decomposed_letters_are_one(): void
    {
        self::assertSame($this->lines("cafe\u{301}", null), $this->lines('café', null));
    }

    public function test_a_character_the_family_lacks_is_an_empty_box_and_reported(): void
    {
        $font = Fonts::library()->font('overpass', 400);
        self::assertSame(['漢'], Paragraphs::missing('a漢é漢', $font));
        self::assertFalse($font->has(0x6F22));
        self::assertSame('overpass-400-0', $font->glyphId(0x6F22));
        self::assertGreaterThan(0, $font->advance(0x6F22));
        self::assertNotNull($font->box(0x6F22));
    }

    public function test_half_the_leading_lies_above_the_line_and_half_below(): void
    {
        $style = $this->mono();
        // hhea of Overpass Mono: 1766 above and 766 below, of 2000 to the em.
        $ascent = 1766 / 2000 * 20;
        $descent = 766 / 2000 * 20;
        self::assertEqualsWithDelta((30 - ($ascent + $descent)) / 2 + $ascent, $style->baseline(), 1e-9);
    }

    public function test_a_family_is_the_union_of_its_files(): void
    {
        $font = Fonts::library()->font('bitter', 700);
        self::assertTrue($font->has((int) mb_ord('a')), 'latin');
        self::assertTrue($font->has((int) mb_ord('ő')), 'latin-ext');
        self::assertSame(['bitter' => [400, 700], 'overpass' => [400, 600, 700], 'overpass-mono' => [400, 600, 700]], Fonts::library()->families());
    }

    public function test_the_nearest_weight_is_taken(): void
    {
        self::assertSame(700, Fonts::library()->font('overpass', 900)->weight);
        self::assertSame(400, Fonts::library()->font('overpass', 100)->weight);
        $this->expectExceptionMessage('There is no font "comic".');
        Fonts::library()->font('comic', 400);
    }

    public function test_composed_glyphs_have_all_their_parts(): void
    {
        $outlines = Fonts::library()->outlines('overpass-400');
        $font = Fonts::library()->font('overpass', 400);
        self::assertGreaterThan(substr_count($outlines[101], 'm'), substr_count($outlines[0xE9], 'm'), 'é has an accent that e has not');
        self::assertLessThan($font->box(101)->y ?? 0, $font->box(0xE9)->y ?? 0, 'and stands higher');
    }
}
