<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Text\Font;
use AllSquare\Core\Text\FontLibrary;

/** Short lines of letters on drawings, as outlines, so that they look alike everywhere. */
final readonly class Lettering
{
    private Font $font;

    public function __construct(FontLibrary $fonts, string $family, int $weight)
    {
        $this->font = $fonts->font($family, $weight);
    }

    /** @param  float  $size  px */
    public function width(string $text, float $size): float
    {
        return array_sum(array_map(fn (string $letter): int => $this->font->advance((int) mb_ord($letter)), mb_str_split($text))) * $size / $this->font->unitsPerEm;
    }

    /**
     * @param  float  $x  where it starts, or has its middle or end, by $before
     * @param  float  $y  of the baseline
     * @param  float  $before  the share of its width that lies before x: 0 start, 0.5 middle, 1 end
     * @param  float  $angle  degrees clockwise about x, y
     */
    public function svg(string $text, float $x, float $y, float $size, string $colour, float $before = 0.0, float $angle = 0.0): string
    {
        $scale = $size / $this->font->unitsPerEm;
        $glyphs = '';
        $at = -$before * $this->width($text, $size) / $scale;
        foreach (mb_str_split($text) as $letter) {
            $codePoint = (int) mb_ord($letter);
            if ($this->font->box($codePoint) !== null) {
                $glyphs .= sprintf("<use href='#%s' x='%s'/>", $this->font->glyphId($codePoint), self::figure($at));
            }
            $at += $this->font->advance($codePoint);
        }

        return sprintf("<g fill='%s' transform='translate(%s %s)%s scale(%s)'>%s</g>", $colour, self::figure($x), self::figure($y), $angle === 0.0 ? '' : ' rotate('.self::figure($angle).')', self::figure($scale), $glyphs);
    }

    /** The text, or its beginning with an ellipsis, as far as it fits. */
    public function fitting(string $text, float $size, float $width): string
    {
        while ($this->width($text, $size) > $width && mb_strlen($text) > 1) {
            $text = rtrim(mb_substr(rtrim($text, '…'), 0, -1)).'…';
        }

        return $text;
    }

    /** The outlines of all glyphs that a drawing refers to, for its `defs`. */
    public static function outlines(FontLibrary $fonts, string $body): string
    {
        preg_match_all("/href='#([a-z0-9-]+)-([0-9a-f]+)'/", $body, $uses, PREG_SET_ORDER);
        $defs = [];
        foreach ($uses as [, $font, $codePoint]) {
            $defs["$font-$codePoint"] ??= sprintf("<path id='%s-%s' d='%s'/>", $font, $codePoint, $fonts->outlines($font)[(int) hexdec($codePoint)] ?? '');
        }
        ksort($defs);

        return $defs === [] ? '' : '<defs>'.implode('', $defs).'</defs>';
    }

    private static function figure(float $value): string
    {
        return Length::digits($value, 4);
    }
}
