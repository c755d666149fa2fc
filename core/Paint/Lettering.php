<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Letters;
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
    public function element(string $text, float $x, float $y, float $size, string $colour, float $before = 0.0, float $angle = 0.0): Element
    {
        $scale = $size / $this->font->unitsPerEm;
        $glyphs = [];
        $at = -$before * $this->width($text, $size) / $scale;
        foreach (mb_str_split($text) as $letter) {
            $codePoint = (int) mb_ord($letter);
            if ($this->font->box($codePoint) !== null) {
                array_push($glyphs, $this->font->painted($codePoint), $at);
            }
            $at += $this->font->advance($codePoint);
        }
        $transform = sprintf('translate(%s %s)%s scale(%s)', self::figure($x), self::figure($y), $angle === 0.0 ? '' : ' rotate('.self::figure($angle).')', self::figure($scale));

        return new Element('g', ['fill' => $colour], $glyphs === [] ? [] : [new Letters($this->font->key, $transform, $glyphs)]);
    }

    /** The text, or its beginning with an ellipsis, as far as it fits. */
    public function fitting(string $text, float $size, float $width): string
    {
        while ($this->width($text, $size) > $width && mb_strlen($text) > 1) {
            $text = rtrim(mb_substr(rtrim($text, '…'), 0, -1)).'…';
        }

        return $text;
    }

    private static function figure(float $value): string
    {
        return Length::digits($value, 4);
    }
}
