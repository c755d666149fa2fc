<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

use AllSquare\Core\Text\Font;

/**
 * The characters of a paragraph with their widths: kerned with what follows, and added up once, so that any part of it is measured
 * by a subtraction.
 *
 * A tab goes to the next multiple of eight blanks from where the line begins (CSS Text Level 3, tab-size).
 */
final class Measured
{
    public const TAB = 0x09;

    private const TAB_BLANKS = 8;

    /** of what is not seen unless the line breaks behind it */
    public const SOFT_HYPHEN = 0xAD;

    public readonly int $count;

    /** @var list<int> */
    public array $codePoints;

    /** @var array<int, non-empty-list<int>> what is painted for a character, where that is not the character itself */
    public array $painted = [];

    /** @var list<LetterStyle> of each */
    public array $styles = [];

    /** @var list<float> px of each by itself */
    public array $advances = [];

    /** @var list<float> px from the beginning of the paragraph to each, kerned and tracked, and to its end; a tab counts for nothing */
    public array $sums = [0.0];

    private readonly bool $hasTabs;

    /**
     * @param  string  $words  of one paragraph, without a line end
     * @param  list<LetterStyle>  $letters  style by style
     * @param  list<int>  $ends  where each of those ends, in characters of the paragraph
     */
    public function __construct(string $words, array $letters, array $ends)
    {
        $this->codePoints = self::codePoints($words);
        $this->count = count($this->codePoints);
        $this->hasTabs = str_contains($words, "\t");
        $from = 0;
        foreach ($letters as $i => $style) {
            $to = min($ends[$i], $this->count);
            $scale = $style->scale();
            $isPlain = ! $style->upper && ! $style->even;
            $font = $style->font;
            for (; $from < $to; $from++) {
                $codePoint = $this->codePoints[$from];
                if ($isPlain) {
                    $advance = $font->advances[$codePoint] ?? $font->advances[Font::MISSING];
                } else {
                    $this->painted[$from] = $style->painted($codePoint);
                    $advance = self::together($style, $this->painted[$from]);
                }
                $this->styles[] = $style;
                $this->advances[] = $advance * $scale;
            }
        }
        $this->add();
    }

    /** @return list<int> */
    public static function codePoints(string $words): array
    {
        // @phpstan-ignore return.type (unpack gives whole numbers)
        return $words === '' ? [] : array_values(unpack('V*', mb_convert_encoding($words, 'UTF-32LE', 'UTF-8')) ?: []);
    }

    public static function isBlank(int $codePoint): bool
    {
        return $codePoint === 0x20 || $codePoint === self::TAB;
    }

    /** Where a tab ends that begins there, px from where the line begins. */
    public function tabbed(int $i, float $x): float
    {
        $step = self::TAB_BLANKS * $this->styles[$i]->font->advance(0x20) * $this->styles[$i]->scale();

        return $step > 0.0 ? (floor($x / $step + 1e-9) + 1) * $step : $x;
    }

    /** Behind the last that is no blank, between two characters. */
    public function trimmed(int $from, int $to): int
    {
        while ($to > $from && self::isBlank($this->codePoints[$to - 1])) {
            $to--;
        }

        return $to;
    }

    /**
     * How wide a part is that begins a line: without tracking behind its last letter, which is kerned with a blank that hangs behind it and
     * with nothing else; with the hyphen where it ends in a soft one.
     */
    public function width(int $from, int $to): float
    {
        $last = $to - 1;
        while ($last > $from && $this->advances[$last] === 0.0) {
            $last--;
        }
        if ($to <= $from) {
            return 0.0;
        }
        $x = $this->sums[$last] - $this->sums[$from];
        if ($this->hasTabs) {
            $x = 0.0;
            for ($i = $from; $i < $last; $i++) {
                $x = $this->codePoints[$i] === self::TAB ? $this->tabbed($i, $x) : $x + $this->sums[$i + 1] - $this->sums[$i];
            }
        }

        return $x + $this->advances[$last] + $this->kernedWithBlank($last, $to) + ($this->codePoints[$to - 1] === self::SOFT_HYPHEN ? $this->hyphenWidth($to - 1) : 0.0);
    }

    /** By how much a last letter stands closer to the blank behind it, px. */
    private function kernedWithBlank(int $last, int $to): float
    {
        return ($this->codePoints[$to] ?? 0) === 0x20 ? $this->sums[$last + 1] - $this->sums[$last] - $this->advances[$last] - $this->styles[$last]->tracking * $this->styles[$last]->size / 1000 : 0.0;
    }

    /**
     * The room it needs to end a line: browsers ask for that which it has beside what would follow, too, where it is kerned to stand wider
     * from that.
     */
    public function room(int $from, int $to): float
    {
        $last = $to - 1;
        $wider = $to > $from && $to < $this->count && $this->advances[$last] !== 0.0 && $this->codePoints[$to] !== 0x20
            ? $this->sums[$to] - $this->sums[$last] - $this->advances[$last] - $this->styles[$last]->tracking * $this->styles[$last]->size / 1000
            : 0.0;

        return $this->width($from, $to) + max(0.0, $wider);
    }

    public function hyphen(int $i): int
    {
        return $this->styles[$i]->font->has(0x2010) ? 0x2010 : 0x2D;
    }

    private function hyphenWidth(int $i): float
    {
        return $this->styles[$i]->font->advance($this->hyphen($i)) * $this->styles[$i]->scale();
    }

    /** @param  list<int>  $painted */
    private static function together(LetterStyle $style, array $painted): int
    {
        $advance = 0;
        foreach ($painted as $i => $one) {
            $advance += $style->advance($one) + ($i === 0 ? 0 : $style->kern($painted[$i - 1], $one));
        }

        return $advance;
    }

    /** Adds widths, kerning and tracking up. What has no width is in no one's way. */
    private function add(): void
    {
        $kerns = [];
        $before = $style = null;
        $scale = $tracking = 0.0;
        foreach ($this->advances as $i => $advance) {
            if ($advance === 0.0) {
                continue;
            }
            $is = $this->styles[$i];
            $goesOn = $is === $style || ($style !== null && $style->goesOnAs($is));
            if ($is !== $style) {
                [$style, $scale] = [$is, $is->scale()];
            }
            if ($goesOn && $before !== null) {
                $last = isset($this->painted[$before]) ? end($this->painted[$before]) : $this->codePoints[$before];
                $kern = $style->even ? $style->kern($last, $this->painted[$i][0] ?? $this->codePoints[$i]) : $style->font->kern($last, $this->painted[$i][0] ?? $this->codePoints[$i]);
                if ($kern !== 0) {
                    $kerns[$before] = $kern * $scale;
                }
            }
            $before = $i;
        }
        $x = 0.0;
        $style = null;
        foreach ($this->advances as $i => $advance) {
            if ($this->styles[$i] !== $style) {
                $style = $this->styles[$i];
                $tracking = $style->tracking * $style->size / 1000;
            }
            $x += $advance === 0.0 ? 0.0 : $advance + ($kerns[$i] ?? 0.0) + $tracking;
            $this->sums[] = $x;
        }
    }
}
