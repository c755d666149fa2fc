<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

use AllSquare\Core\Geometry\Length;

/**
 * Sets a text: breaks it into lines and places its letters.
 *
 * Lines break where UAX 14 lets them; blanks at a break hang; a word wider than the room breaks where it must. A line is as high as the
 * highest of its letters' boxes (size times line height; CSS Inline Layout Level 3); what is set above or below the baseline does not
 * make it higher. An empty text is one line.
 */
final class Setter
{
    /** What stands before the paragraphs of a list lies in so many ems. */
    private const HANG = 1.5;

    private const BULLET = 0x2022;

    /** @var list<TextLine> */
    private array $lines = [];

    private float $top = 0.0;

    private float $widest = 0.0;

    private int $number = 0;

    /** @param  float  $room  px that the lines have; INF where there is no limit, and then all of them begin at the left */
    private function __construct(private readonly float $room, private readonly bool $wraps)
    {
    }

    /** @param  bool  $wraps  whether lines are broken where they would be wider than the room */
    public static function set(StyledText $text, float $room, bool $wraps): SetText
    {
        $setter = new self($room, $wraps);
        $paragraphs = explode("\n", $text->words);
        $from = $run = 0;
        foreach ($paragraphs as $i => $words) {
            $length = mb_strlen($words);
            while ($run < count($text->ends) - 1 && $text->ends[$run] <= $from) {
                $run++;
            }
            $styles = $ends = [];
            for ($k = $run; $k === $run || ($k < count($text->ends) && $text->ends[$k - 1] < $from + $length); $k++) {
                $styles[] = $text->letters[$k];
                $ends[] = $k === count($text->ends) - 1 ? $length : $text->ends[$k] - $from;
            }
            $setter->paragraph($i, $text->paragraphs[min($i, count($text->paragraphs) - 1)], $words, new Measured($words, $styles, $ends), $styles[0], $from);
            $from += $length + 1;
        }
        $last = $text->paragraphs[min(count($paragraphs), count($text->paragraphs)) - 1];

        // @phpstan-ignore argument.type (there is one paragraph at least, and it has a line)
        return new SetText($setter->lines, $setter->widest, $setter->top - $last->after);
    }

    /** @param  LetterStyle  $first  with which it begins, which is all there is of an empty one */
    private function paragraph(int $index, ParagraphStyle $style, string $words, Measured $measured, LetterStyle $first, int $offset): void
    {
        $this->top += $index === 0 ? 0.0 : $style->before;
        $this->number = $style->list === 'numbers' ? $this->number + 1 : 0;
        $hang = $style->list === 'none' ? 0.0 : self::HANG * $first->size;
        $from = 0;
        [$ends, $torn] = $this->wraps ? $this->broken($measured, $words, $style, $hang) : [[$measured->count], []];
        foreach ($ends as $i => $to) {
            $indent = $hang + ($i === 0 ? $style->indent : 0.0);
            $mark = $i === 0 && $style->list !== 'none' ? $this->mark($style->list, $first, $style->indent) : null;
            $this->line($index, $style, $measured, $from, $to, $indent, $first, $offset, $mark, isset($torn[$i]));
            $from = $to;
        }
        $this->top += $style->after;
    }

    /** @return array{non-empty-list<int>, array<int, true>} where each line ends, and which of them end in the middle of a word */
    private function broken(Measured $measured, string $words, ParagraphStyle $style, float $hang): array
    {
        $ends = $torn = [];
        $start = 0;
        $fitting = null;
        $breaks = Breaks::of($words, $measured->count);
        $limit = $this->room + Length::SAME - $hang;
        $least = $limit - $style->indent;
        for ($i = 0, $n = count($breaks); $i < $n;) {
            if ($measured->room($start, $measured->trimmed($start, $breaks[$i])) <= $least) {
                $fitting = $breaks[$i++];

                continue;
            }
            if ($fitting === null) {
                $start = $this->forced($measured, $start, $breaks[$i], $least);
                $torn += $start < $breaks[$i] ? [count($ends) => true] : [];
            } else {
                $start = $fitting;
            }
            $ends[] = $start;
            $least = $limit;
            $fitting = null;
            $i += $start >= $breaks[$i] ? 1 : 0;
        }
        if ($start < $measured->count || $ends === []) {
            $ends[] = $measured->count;
        }

        return [$ends, $torn];
    }

    /** As much of a word as there is room for: one letter at least, and none without what stands upon it. */
    private function forced(Measured $measured, int $from, int $to, float $room): int
    {
        $at = $from + 1;
        while ($at < $to && ($measured->advances[$at] === 0.0 || $measured->width($from, $at + 1) <= $room)) {
            $at++;
        }

        return $at;
    }

    private function line(int $paragraph, ParagraphStyle $style, Measured $measured, int $from, int $to, float $indent, LetterStyle $first, int $offset, ?Piece $mark, bool $isTorn): void
    {
        $trimmed = $measured->trimmed($from, $to);
        $width = $measured->width($from, $trimmed);
        [$above, $below] = $this->reach($measured, $from, $to, $first, $style->lineHeight);
        $free = $this->room === INF ? 0.0 : $this->room - $indent - $width;
        $x = $indent + $free * $style->align->before();
        $blanks = 0;
        if ($style->align === TextAlign::Both && $to < $measured->count && $free > 0.0) {
            for ($i = $from; $i < $trimmed; $i++) {
                $blanks += $measured->codePoints[$i] === 0x20 || $measured->codePoints[$i] === 0xA0 ? 1 : 0;
            }
            $width += $blanks > 0 ? $free : 0.0;
        }
        $pieces = $this->pieces($measured, $from, $to, $x, $blanks > 0 ? $free / $blanks : 0.0, $trimmed, $offset);
        $this->lines[] = new TextLine(
            $offset + $from,
            $offset + $to,
            $x,
            $width,
            $this->top,
            $this->top + $above,
            $above + $below,
            $mark === null ? $pieces : [$mark, ...$pieces],
            $paragraph,
            $isTorn,
        );
        $this->widest = max($this->widest, $indent + $width);
        $this->top += $above + $below;
    }

    /** @return array{float, float} px above and below the baseline */
    private function reach(Measured $measured, int $from, int $to, LetterStyle $first, float $lineHeight): array
    {
        if ($from === $to) {
            $style = $measured->styles[$from - 1] ?? $first;

            return [$style->above($lineHeight), $style->below($lineHeight)];
        }
        $above = $below = -INF;
        $before = null;
        for ($i = $from; $i < $to; $i++) {
            $style = $measured->styles[$i];
            if ($style !== $before) {
                [$above, $below] = [max($above, $style->above($lineHeight)), max($below, $style->below($lineHeight))];
                $before = $style;
            }
        }

        return [$above, $below];
    }

    /**
     * @param  float  $x  px where the line begins
     * @param  float  $more  px that each blank before $stretched is wider
     * @return list<Piece>
     */
    private function pieces(Measured $measured, int $from, int $to, float $x, float $more, int $stretched, int $offset): array
    {
        $pieces = [];
        $lineX = $x;
        for ($i = $from; $i < $to;) {
            $style = $measured->styles[$i];
            $scale = $style->scale();
            $begin = $x;
            $codePoints = $places = $characters = [];
            for (; $i < $to && $measured->styles[$i] === $style; $i++) {
                $codePoint = $measured->codePoints[$i];
                if (isset($measured->painted[$i])) {
                    $inset = 0;
                    foreach ($measured->painted[$i] as $k => $painted) {
                        $inset += $k === 0 ? 0 : $style->kern($measured->painted[$i][$k - 1], $painted);
                        [$codePoints[], $places[], $characters[]] = [$painted, round(($x - $begin) / $scale + $inset + $style->inset($painted), 2), $offset + $i];
                        $inset += $style->advance($painted);
                    }
                } else {
                    $codePoints[] = $codePoint;
                    $places[] = round(($x - $begin) / $scale, 2);
                    $characters[] = $offset + $i;
                }
                $x = $codePoint === Measured::TAB ? $lineX + $measured->tabbed($i, $x - $lineX) : $x + $measured->sums[$i + 1] - $measured->sums[$i];
                if ($more > 0.0 && $i < $stretched && ($codePoint === 0x20 || $codePoint === 0xA0)) {
                    $x += $more;
                }
                if ($codePoint === Measured::SOFT_HYPHEN && $i === $to - 1) {
                    [$codePoints[], $places[], $characters[]] = [$measured->hyphen($i), round(($x - $begin) / $scale, 2), $offset + $i];
                    $x += $style->advance($measured->hyphen($i)) * $scale;
                }
            }
            $pieces[] = new Piece($style, $begin, $x - $begin, $codePoints, $places, $characters);
        }

        return $pieces;
    }

    /** A bullet, or a number that ends half an em before the words. */
    private function mark(string $list, LetterStyle $style, float $indent): Piece
    {
        $style = new LetterStyle($style->font, $style->size, even: true, paint: $style->paint);
        $words = $list === 'bullets' ? [$style->font->has(self::BULLET) ? self::BULLET : 0x2D] : Measured::codePoints("$this->number.");
        $places = [];
        $at = 0.0;
        foreach ($words as $codePoint) {
            $places[] = round($at + $style->inset($style->painted($codePoint)[0]), 2);
            $at += $style->advance($style->painted($codePoint)[0]);
        }
        $width = $at * $style->scale();

        return new Piece($style, $indent + ($list === 'bullets' ? 0.5 : 1.0) * $style->size - ($list === 'bullets' ? $width / 2 : $width), $width, array_map(static fn (int $codePoint): int => $style->painted($codePoint)[0], $words), $places, array_fill(0, count($words), -1));
    }
}
