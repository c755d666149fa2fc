<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Text\Setting\LetterStyle;
use AllSquare\Core\Text\Setting\Setter;
use AllSquare\Core\Text\Setting\StyledText;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\FontFiles;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;

/** Widths against a shaper that shares nothing with this one: hb-shape, with kerning on and ligatures off. */
final class ShaperTest extends TestCase
{
    private const LINES = 5_000;

    /** One letter of one family is set by a rule for the letters beside it, which is none of kerning. */
    private const SET_BY_NEIGHBOURS = ['bitter' => [0x13F]];

    public function test_lines_are_as_wide_as_a_shaper_sets_them(): void
    {
        [$seed] = RandomScene::seeds(1);
        $chance = new Randomizer(new Mt19937($seed));
        $fonts = array_keys(Fonts::library()->hashes());
        self::assertGreaterThan(30, count($fonts));
        $each = (int) ceil(self::LINES / count($fonts));
        $tried = $kerned = 0;
        foreach ($fonts as $key) {
            $entry = Fonts::library()->entry($key);
            $style = new LetterStyle(Fonts::library()->font($entry['family'], $entry['weight'], $entry['italic']), 16.0);
            $lines = $this->lines($chance, $style, $each);
            foreach ($this->shaped($key, $lines) as $i => $units) {
                $width = Setter::set(StyledText::plain($lines[$i], $style), INF, false)->width;
                self::assertEqualsWithDelta($units * 16 / $style->font->unitsPerEm, $width, 0.05, "seed $seed: $key: $lines[$i]");
                $tried++;
                $kerned += abs(array_sum(array_map(static fn (string $c): int => $style->font->advance((int) mb_ord($c)), mb_str_split($lines[$i]))) - $units) > 0 ? 1 : 0;
            }
        }
        self::assertGreaterThanOrEqual(self::LINES, $tried);
        self::assertGreaterThan(self::LINES / 2, $kerned, 'lines that kerning changes');
    }

    /** @return list<string> of Latin, Latin Extended-A, figures and punctuation, words and noise */
    private function lines(Randomizer $chance, LetterStyle $style, int $count): array
    {
        $all = array_filter(
            array_keys($style->font->advances),
            static fn (int $c): bool => ($c >= 0x20 && $c <= 0x7E) || ($c >= 0xA0 && $c <= 0x17F) || ($c >= 0x2010 && $c <= 0x2026) || $c === 0x20AC || $c === 0x2212,
        );
        $all = array_values(array_diff($all, self::SET_BY_NEIGHBOURS[$style->font->family] ?? []));
        $ascii = array_values(array_filter($all, static fn (int $c): bool => $c < 0x7F));
        $lines = [];
        for ($i = 0; $i < $count; $i++) {
            $line = '';
            for ($k = $chance->getInt(1, 60); $k > 0; $k--) {
                $from = $chance->getInt(0, 2) > 0 ? $ascii : $all;
                $line .= mb_chr($from[$chance->getInt(0, count($from) - 1)]);
            }
            $lines[] = 'x'.rtrim(StyledText::normal($line)).'x';
        }

        return $lines;
    }

    /**
     * @param  list<string>  $lines
     * @return list<int> their widths in font units
     */
    private function shaped(string $key, array $lines): array
    {
        $font = (string) tempnam(sys_get_temp_dir(), 'font');
        $text = (string) tempnam(sys_get_temp_dir(), 'lines');
        file_put_contents($font, FontFiles::trueType($key));
        file_put_contents($text, implode("\n", $lines)."\n");
        // What CSS calls font-variant-ligatures: none.
        exec("hb-shape --features=-liga,-clig,-dlig,-calt --no-glyph-names --text-file=$text $font 2>&1", $shaped, $code);
        array_map(unlink(...), [$font, $text]);
        self::assertSame(0, $code, implode("\n", $shaped));
        self::assertCount(count($lines), $shaped);

        return array_map(static function (string $line): int {
            preg_match_all('/\+(-?\d+)/', $line, $advances);

            return (int) array_sum($advances[1]);
        }, $shaped);
    }
}
