<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Text\Font;
use AllSquare\Core\Text\Setting\LetterStyle;
use AllSquare\Core\Text\Setting\ParagraphStyle;
use AllSquare\Core\Text\Setting\Setter;
use AllSquare\Core\Text\Setting\StyledText;

/**
 * Sets the words of cells. Most are one short line in plain letters: that is added up right here, by the same widths and pairs as Setter does;
 * all else Setter sets.
 */
final class CellTexts
{
    /** Lines that are kept: more than a table has. */
    private const MOST = 60_000;

    /** @var array<string, array<string, non-empty-list<CellLine>>> by style and words: much in a table is said more than once */
    private array $lines = [];

    /** @var array<string, array<string, float>> by style and sign, and words */
    private array $before = [];

    private int $kept = 0;

    /** @return non-empty-list<CellLine> in as many lines as its words have themselves */
    public function of(CellStyle $style, string $text): array
    {
        if (isset($this->lines[$style->key][$text])) {
            return $this->lines[$style->key][$text];
        }
        if (++$this->kept > self::MOST) {
            [$this->lines, $this->before, $this->kept] = [[], [], 0];
        }

        return $this->lines[$style->key][$text] = $this->isPlain($style->letters, $text) ? [self::plain($style->letters, $text)] : self::set($style, $text, INF);
    }

    /**
     * Broken where they would be wider than the room.
     *
     * @return non-empty-list<CellLine>
     */
    public function within(CellStyle $style, string $text, float $room): array
    {
        $widest = 0.0;
        foreach ($lines = $this->of($style, $text) as $line) {
            $widest = max($widest, $line->width);
        }

        return $widest <= $room + 0.0005 ? $lines : $this->lines["$style->key $room"][$text] ??= self::set($style, $text, $room);
    }

    /** Px from where its words begin to the line on which decimal signs stand. */
    public function before(CellStyle $style, string $text, string $sign): float
    {
        return $this->before["$style->key$sign"][$text] ??= $this->reach($style, $text, $sign);
    }

    private function reach(CellStyle $style, string $text, string $sign): float
    {
        $before = Numbers::before($text, $sign);
        $lines = $this->of($style, $text);
        if ($before >= mb_strlen($text) || count($lines) > 1) {
            return $lines[0]->width;
        }
        $head = mb_substr($text, 0, $before);
        if ($lines[0]->piece === null && mb_substr($text, $before, 1) === $sign && strlen($head) === strlen((string) preg_replace('/[^\x21-\x7E]/', '', $head))) {
            // As many letters are seen before it: where it stands itself is known.
            return $lines[0]->glyphs[2 * strlen($head) + 1] * $style->letters->scale();
        }

        return $this->of($style, $head)[0]->width + $this->kern($style->letters, mb_substr($text, max(0, $before - 1), 2)) + ($before > 0 ? $style->letters->tracking * $style->letters->size / 1000 : 0.0);
    }

    private function isPlain(LetterStyle $style, string $text): bool
    {
        // Marks that stand on letters, and whatever else has no width or more than one glyph, are left to Setter.
        return ! $style->upper && ! $style->underline && $style->tracking === 0.0 && preg_match('/^[\x{20}-\x{AC}\x{AE}-\x{24F}\x{2010}-\x{2022}\x{20AC}\x{2212}]*$/uD', $text) === 1;
    }

    private static function plain(LetterStyle $style, string $text): CellLine
    {
        $font = $style->font;
        [$even, $x, $seen] = [$style->even, 0, 0];
        $before = null;
        $glyphs = [];
        [$advances, $boxes] = [$font->advances, $font->boxes];
        foreach (preg_match('/[^\x00-\x7F]/', $text) === 1 ? mb_str_split($text) : str_split($text) as $letter) {
            if ($letter === '') {
                continue;
            }
            $codePoint = strlen($letter) === 1 ? ord($letter) : (int) mb_ord($letter);
            $isFigure = $even && $codePoint >= 0x30 && $codePoint <= 0x39;
            $codePoint = $isFigure ? $font->evenFigure($codePoint) : $codePoint;
            $x += $before === null ? 0 : ($even ? $style->kern($before, $codePoint) : $font->kern($before, $codePoint));
            // A last letter is kerned with a blank behind it, which hangs.
            $seen = $codePoint === 0x20 && $before !== 0x20 ? $x : $seen;
            $painted = isset($advances[$codePoint]) ? $codePoint : Font::MISSING;
            if (isset($boxes[$painted])) {
                $glyphs[] = $painted;
                $glyphs[] = $isFigure ? round($x + $style->inset($painted), 2) : $x;
            }
            $x += $isFigure ? $style->advance($painted) : $advances[$painted];
            $seen = $codePoint === 0x20 ? $seen : $x;
            $before = $codePoint;
        }

        return new CellLine($glyphs, $seen * $style->scale(), $text);
    }

    /** @return non-empty-list<CellLine> */
    private static function set(CellStyle $style, string $text, float $room): array
    {
        $lines = [];
        $words = StyledText::normal($text);
        foreach (Setter::set(StyledText::plain($words, $style->letters, new ParagraphStyle(lineHeight: $style->lineHeight)), $room, $room !== INF)->lines as $line) {
            $piece = $line->pieces[0] ?? null;
            $lines[] = new CellLine($piece?->seen() ?? [], $line->width, mb_substr($words, $line->from, $line->to - $line->from), $piece);
        }

        return $lines;
    }

    private function kern(LetterStyle $style, string $pair): float
    {
        if (mb_strlen($pair) < 2) {
            return 0.0;
        }
        [$first, $second] = [$style->painted((int) mb_ord(mb_substr($pair, 0, 1))), $style->painted((int) mb_ord(mb_substr($pair, 1, 1)))];

        return $style->kern($first[count($first) - 1], $second[0]) * $style->scale();
    }
}
