<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

use Normalizer;

/**
 * Breaks a text into lines by real advance widths.
 *
 * The text is brought to NFC; CR LF and CR are line ends; a tab goes to the next multiple of eight blanks
 * (CSS Text Level 3, tab-size). Lines break after blanks and hyphens; blanks at a break hang. A word wider than
 * the frame breaks where it must. An empty text is one line.
 */
final class Paragraphs
{
    private const TAB = 8;

    /**
     * @param  float|null  $width  px to wrap at; null sets every paragraph on one line
     * @return non-empty-list<TextLine>
     */
    public static function set(string $text, TextStyle $style, ?float $width): array
    {
        $limit = $width === null ? INF : ($width + 0.0005) / $style->scale();
        $lines = [];
        foreach (explode("\n", self::normal($text)) as $paragraph) {
            array_push($lines, ...self::paragraph($paragraph, $style->font, $limit));
        }

        return $lines === [] ? [new TextLine([], 0)] : $lines;
    }

    /** @return list<string> the characters that no file of the family has, each once */
    public static function missing(string $text, Font $font): array
    {
        $missing = [];
        foreach (mb_str_split(self::normal($text)) as $character) {
            if ($character !== "\n" && $character !== "\t" && ! $font->has((int) mb_ord($character))) {
                $missing[$character] = $character;
            }
        }

        return array_values($missing);
    }

    public static function normal(string $text): string
    {
        $composed = Normalizer::normalize($text, Normalizer::FORM_C);

        return str_replace(["\r\n", "\r"], "\n", is_string($composed) ? $composed : $text);
    }

    /** @return non-empty-list<TextLine> */
    private static function paragraph(string $paragraph, Font $font, float $limit): array
    {
        $lines = [];
        $glyphs = [];
        $x = 0;
        $break = null;
        foreach (array_map(mb_ord(...), mb_str_split($paragraph)) as $codePoint) {
            $codePoint = (int) $codePoint;
            $blank = $codePoint === 0x20 || $codePoint === 0x09;
            $advance = $codePoint === 0x09 ? self::toTab($x, $font) : $font->advance($codePoint);
            if (! $blank && $x + $advance > $limit && $glyphs !== []) {
                [$kept, $glyphs] = self::split($glyphs, $break ?? count($glyphs));
                $lines[] = new TextLine($kept, self::inked($kept, $font));
                $shift = $glyphs[0][1] ?? $x;
                $glyphs = array_map(static fn (array $g): array => [$g[0], $g[1] - $shift], $glyphs);
                $x -= $shift;
                $break = null;
            }
            $glyphs[] = [$codePoint, $x];
            $x += $advance;
            if ($blank || $codePoint === 0x2D) {
                $break = count($glyphs);
            }
        }
        $lines[] = new TextLine(self::withoutBlanks($glyphs), self::inked($glyphs, $font));

        return $lines;
    }

    private static function toTab(int $x, Font $font): int
    {
        $step = self::TAB * $font->advance(0x20);

        return $step - $x % $step;
    }

    /**
     * @param  list<array{int, int}>  $glyphs
     * @return array{list<array{int, int}>, list<array{int, int}>}
     */
    private static function split(array $glyphs, int $at): array
    {
        return [self::withoutBlanks(array_slice($glyphs, 0, $at)), array_slice($glyphs, $at)];
    }

    /**
     * @param  list<array{int, int}>  $glyphs
     * @return list<array{int, int}>
     */
    private static function withoutBlanks(array $glyphs): array
    {
        return array_values(array_filter($glyphs, static fn (array $g): bool => $g[0] !== 0x20 && $g[0] !== 0x09));
    }

    /** @param  list<array{int, int}>  $glyphs */
    private static function inked(array $glyphs, Font $font): int
    {
        $end = 0;
        foreach ($glyphs as [$codePoint, $x]) {
            if ($codePoint !== 0x20 && $codePoint !== 0x09) {
                $end = $x + $font->advance($codePoint);
            }
        }

        return $end;
    }
}
