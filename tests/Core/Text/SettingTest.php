<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Text\Setting\LetterStyle;
use AllSquare\Core\Text\Setting\ParagraphStyle;
use AllSquare\Core\Text\Setting\Piece;
use AllSquare\Core\Text\Setting\Setter;
use AllSquare\Core\Text\Setting\SetText;
use AllSquare\Core\Text\Setting\StyledText;
use AllSquare\Core\Text\Setting\TextAlign;
use AllSquare\Core\Text\Setting\TextLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;

final class SettingTest extends TestCase
{
    private const SIZE = 20.0;

    /** Overpass Mono: every advance is the same, so that widths can be reckoned in the head. */
    private static function mono(float $size = self::SIZE): LetterStyle
    {
        return new LetterStyle(Fonts::library()->font('overpass-mono', 400), $size);
    }

    /** Characters of Overpass Mono, in px. */
    private static function px(float $characters): float
    {
        return $characters * self::mono()->font->advance(65) * self::mono()->scale();
    }

    private static function set(string $text, ?float $characters = null, ParagraphStyle $paragraph = new ParagraphStyle(lineHeight: 1.5)): SetText
    {
        return Setter::set(StyledText::plain($text, self::mono(), $paragraph), $characters === null ? INF : self::px($characters), $characters !== null);
    }

    /** @return list<string> what is seen of each line */
    private static function lines(SetText $set): array
    {
        $letters = static fn (Piece $piece): string => implode('', array_map(static fn (int $codePoint): string => in_array($codePoint, [9, 32, 0xAD], true) ? '' : (string) mb_chr($codePoint), $piece->codePoints));

        return array_map(static fn (TextLine $line): string => implode('', array_map($letters, $line->pieces)), $set->lines);
    }

    /** @return iterable<string, array{string, int|null, list<string>}> */
    public static function texts(): iterable
    {
        yield 'empty text is one line' => ['', 10, ['']];
        yield 'line ends of all kinds' => ["a\nb\r\nc\rd\u{2028}e", null, ['a', 'b', 'c', 'd', 'e']];
        yield 'an end at the end makes a line' => ["a\n", null, ['a', '']];
        yield 'breaks after a blank' => ['one two three', 7, ['onetwo', 'three']];
        yield 'exactly as wide as the frame fits' => ['one two', 7, ['onetwo']];
        yield 'one character less does not' => ['one two', 6, ['one', 'two']];
        yield 'blanks at a break hang' => ['one    two', 4, ['one', 'two']];
        yield 'breaks after a hyphen' => ['half-tide', 6, ['half-', 'tide']];
        yield 'and after dashes' => ['pier–quay—slip', 6, ['pier–', 'quay—', 'slip']];
        yield 'not behind a stroke between letters' => ['and/or not!so', 5, ['and/o', 'r', 'not!s', 'o']];
        yield 'what is quoted ends a line' => ['x “Quay” (see', 8, ['x“Quay”', '(see']];
        yield 'a number is not torn from its sign' => ['a -12 b', 4, ['a', '-12', 'b']];
        yield 'nor a mark from its word' => ['now ! ok?', 4, ['now', '!', 'ok?']];
        yield 'no break at a blank that binds' => ["10\u{A0}kn now", 6, ["10\u{A0}kn", 'now']];
        yield 'a soft hyphen is seen where it breaks' => ["har\u{AD}bour", 5, ['har‐', 'bour']];
        yield 'and has to fit itself' => ["one har\u{AD}bour", 7, ['one', 'harbour']];
        yield 'and is not seen elsewhere' => ["har\u{AD}bour", 9, ['harbour']];
        yield 'a long word breaks where it must' => ['harbourmaster', 5, ['harbo', 'urmas', 'ter']];
        yield 'narrower than a letter' => ['abc', 0, ['a', 'b', 'c']];
    }

    /** @param  list<string>  $lines */
    #[DataProvider('texts')]
    public function test_it_breaks_lines(string $text, ?int $characters, array $lines): void
    {
        self::assertSame($lines, self::lines(self::set($text, $characters)));
    }

    public function test_lines_are_as_wide_as_their_advances_without_the_blanks_at_the_end(): void
    {
        self::assertEqualsWithDelta(self::px(3), self::set('abc  ')->width, 1e-9);
    }

    public function test_lines_know_their_characters(): void
    {
        $set = self::set("one two\n\nsix", 4);
        self::assertSame([[0, 4], [4, 7], [8, 8], [9, 12]], array_map(static fn (TextLine $line): array => [$line->from, $line->to], $set->lines));
        self::assertSame([0, 0, 1, 2], array_map(static fn (TextLine $line): int => $line->paragraph, $set->lines));
        self::assertSame([4, 5, 6], $set->lines[1]->pieces[0]->characters);
    }

    public function test_a_tab_goes_to_the_next_multiple_of_eight_blanks(): void
    {
        $place = static fn (string $text, int $i): float => $text === '' ? 0.0 : self::set($text)->lines[0]->pieces[0]->places[$i] * self::mono()->scale();
        self::assertEqualsWithDelta(self::px(8), $place("abc\tx", 4), 0.01);
        self::assertEqualsWithDelta(self::px(16), $place("abcdefgh\tx", 9), 0.01);
        self::assertEqualsWithDelta(self::px(9), self::set("abc\tx")->width, 0.01);
        self::assertSame(['abc', 'x'], self::lines(self::set("abc\tx", 8)));
    }

    public function test_composed_and_decomposed_letters_are_one(): void
    {
        self::assertSame(self::lines(self::set("cafe\u{301}")), self::lines(self::set('café')));
    }

    public function test_a_character_the_family_lacks_is_an_empty_box_and_reported(): void
    {
        $style = new LetterStyle(Fonts::library()->font('overpass', 400), 16.0);
        self::assertSame(['漢', 'ש'], StyledText::plain("a漢é漢ש\u{AD}\t\u{2009}", $style)->missing());
        self::assertFalse($style->font->has(0x6F22));
        self::assertSame('overpass-400-0', $style->font->glyphId(0x6F22));
        self::assertGreaterThan(0, $style->font->advance(0x6F22));
        self::assertNotNull($style->font->box(0x6F22));
    }

    public function test_half_the_leading_lies_above_the_line_and_half_below(): void
    {
        // hhea of Overpass Mono: 1766 above and 766 below, of 2000 to the em.
        [$ascent, $descent] = [1766 / 2000 * 20, 766 / 2000 * 20];
        $set = self::set("a\nb");
        self::assertEqualsWithDelta((30 - ($ascent + $descent)) / 2 + $ascent, $set->firstBaseline(), 1e-9);
        self::assertEqualsWithDelta($set->firstBaseline() + 30, $set->lastBaseline(), 1e-9);
        self::assertEqualsWithDelta(60, $set->height, 1e-9);
    }

    public function test_a_line_is_as_high_as_the_highest_of_its_letters(): void
    {
        $large = self::mono(40);
        $set = Setter::set(new StyledText('ab cd ef', [self::mono(), $large, self::mono()], [3, 6, 8], [new ParagraphStyle(lineHeight: 1.0)]), self::px(4), true);
        self::assertSame(['ab', 'cd', 'ef'], self::lines($set));
        self::assertEqualsWithDelta([20, 40, 20], array_map(static fn (TextLine $line): float => $line->height, $set->lines), 1e-9);
        $shifted = new LetterStyle($large->font, 20.0, shift: 30.0);
        self::assertEqualsWithDelta(20, Setter::set(new StyledText('a2', [self::mono(), $shifted], [1, 2], [new ParagraphStyle(lineHeight: 1.0)]), INF, false)->height, 1e-9, 'what is set above the baseline makes it no higher');
    }

    public function test_tracking_stands_behind_every_letter_but_the_last_of_a_line(): void
    {
        $style = new LetterStyle(self::mono()->font, self::SIZE, tracking: 100.0);
        $set = static fn (string $text): float => Setter::set(StyledText::plain($text, $style), INF, false)->width;
        self::assertEqualsWithDelta(self::px(1), $set('a'), 1e-9);
        self::assertEqualsWithDelta(self::px(4) + 3 * 2.0, $set('a cd'), 1e-9);
        self::assertEqualsWithDelta(self::px(3) + 2 * 2.0, $set("a\u{AD}cd"), 1e-9, 'what is not seen is not tracked');
    }

    public function test_lines_stand_left_centred_right_or_at_both_sides(): void
    {
        $places = static fn (TextAlign $align): array => array_map(static fn (TextLine $line): float => round($line->x / self::px(1), 3), self::set('ab cd efg', 6, new ParagraphStyle($align))->lines);
        self::assertEquals([[0, 0], [0.5, 1.5], [1, 3], [0, 0]], array_map($places, [TextAlign::Start, TextAlign::Centre, TextAlign::End, TextAlign::Both]));
        $both = self::set('ab cd efg', 6, new ParagraphStyle(TextAlign::Both));
        self::assertEqualsWithDelta(self::px(6), $both->lines[0]->width, 1e-9);
        self::assertEqualsWithDelta(self::px(4), $both->lines[0]->pieces[0]->places[3] * self::mono()->scale(), 0.01, 'the blank is two wide');
        self::assertEqualsWithDelta(self::px(3), $both->lines[1]->width, 1e-9, 'not the last line');
    }

    public function test_paragraphs_have_space_and_an_indent(): void
    {
        $set = self::set("ab cd\nef gh", 5, new ParagraphStyle(lineHeight: 1.0, before: 3.0, after: 7.0, indent: self::px(2)));
        self::assertSame(['ab', 'cd', 'ef', 'gh'], self::lines($set));
        self::assertEqualsWithDelta([self::px(2), 0, self::px(2), 0], array_map(static fn (TextLine $line): float => $line->x, $set->lines), 1e-9);
        self::assertEqualsWithDelta([0, 20, 50, 70], array_map(static fn (TextLine $line): float => $line->top, $set->lines), 1e-9, 'none above the first');
        self::assertEqualsWithDelta(90, $set->height, 1e-9, 'and none below the last');
    }

    public function test_lists_hang_and_count(): void
    {
        $of = static fn (string $list): ParagraphStyle => new ParagraphStyle(lineHeight: 1.0, list: $list);
        $set = Setter::set(new StyledText("one two\ntwo\nplain\nten", [self::mono()], [21], [$of('numbers'), $of('numbers'), $of('none'), $of('numbers')]), self::px(6), true);
        self::assertSame(['1.one', 'two', '2.two', 'plain', '1.ten'], self::lines($set));
        self::assertEqualsWithDelta([30, 30, 30, 0, 30], array_map(static fn (TextLine $line): float => $line->x, $set->lines), 1e-9, 'one and a half times the size');
        $mark = $set->lines[0]->pieces[0];
        self::assertSame([-1, -1], $mark->characters);
        self::assertEqualsWithDelta(20, $mark->x + $mark->width, 1e-9, 'half the size before the words');
        self::assertSame(['•one', '•two'], self::lines(self::set("one\ntwo", 9, $of('bullets'))));
    }

    public function test_capitals_and_figures_of_one_width(): void
    {
        $overpass = Fonts::library()->font('overpass', 400);
        $upper = Setter::set(StyledText::plain('straße', new LetterStyle($overpass, 16.0, upper: true)), INF, false);
        self::assertSame(['STRASSE'], self::lines($upper));
        self::assertSame([0, 1, 2, 3, 4, 4, 5], $upper->lines[0]->pieces[0]->characters, 'both S stand for the ß');
        foreach (['overpass', 'source-serif-4', 'abril-fatface'] as $family) {
            $style = new LetterStyle(Fonts::library()->font($family, 400), 16.0, even: true);
            $widths = array_map(static fn (string $text): string => number_format(Setter::set(StyledText::plain($text, $style), INF, false)->width, 6), ['1111', '0000', '7171', '9408']);
            self::assertCount(1, array_unique($widths), $family);
        }
        $proportional = new LetterStyle(Fonts::library()->font('abril-fatface', 400), 16.0);
        self::assertNotEquals(Setter::set(StyledText::plain('1111', $proportional), INF, false)->width, Setter::set(StyledText::plain('0000', $proportional), INF, false)->width);
    }

    public function test_a_pair_is_kerned_within_a_line_and_across_runs_of_one_font(): void
    {
        $font = Fonts::library()->font('overpass', 400);
        $kern = $font->kern((int) mb_ord('T'), (int) mb_ord('o'));
        self::assertLessThan(0, $kern);
        $style = new LetterStyle($font, 16.0);
        $width = static fn (StyledText $text): float => Setter::set($text, INF, false)->width;
        $whole = ($font->advance(84) + $font->advance(111) + $kern) * 16 / $font->unitsPerEm;
        self::assertEqualsWithDelta($whole, $width(StyledText::plain('To', $style)), 1e-9);
        self::assertEqualsWithDelta($whole, $width(StyledText::plain("T\u{AD}o", $style)), 1e-9, 'what is not seen is in no one\'s way');
        self::assertEqualsWithDelta($whole, $width(new StyledText('To', [$style, new LetterStyle($font, 16.0, underline: true)], [1, 2], [new ParagraphStyle])), 1e-9);
        self::assertGreaterThan($whole, $width(new StyledText('To', [$style, new LetterStyle(Fonts::library()->font('overpass', 700), 16.0)], [1, 2], [new ParagraphStyle])));
        self::assertSame(['T', 'o'], self::lines(Setter::set(StyledText::plain('To', $style), ($font->advance(84)) * 16 / $font->unitsPerEm, true)), 'behind the last letter of a line nothing is kerned');
    }

    public function test_the_nearest_font_of_a_family_is_taken(): void
    {
        $library = Fonts::library();
        self::assertSame([700, 300, 600], array_map(static fn (int $weight): int => $library->font('overpass', $weight)->weight, [750, 100, 500]));
        self::assertSame('overpass-700-italic', $library->font('overpass', 900, true)->key, 'rather another weight than another slant');
        self::assertSame('caveat-700', $library->font('caveat', 700, true)->key);
        $families = $library->families();
        self::assertGreaterThanOrEqual(8, count($families));
        self::assertSame(['name' => 'Bitter', 'weights' => [400, 700], 'italics' => [400, 700]], $families['bitter']);
        $this->expectExceptionMessage('There is no font "comic".');
        $library->font('comic', 400);
    }

    public function test_composed_glyphs_have_all_their_parts(): void
    {
        $outlines = Fonts::library()->outlines('overpass-400');
        $font = Fonts::library()->font('overpass', 400);
        self::assertGreaterThan(substr_count($outlines[101], 'm'), substr_count($outlines[0xE9], 'm'), 'é has an accent that e has not');
        self::assertLessThan($font->box(101)->y ?? 0, $font->box(0xE9)->y ?? 0, 'and stands higher');
    }
}
