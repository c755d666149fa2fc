<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Text\Font;
use AllSquare\Core\Text\Setting\LetterStyle;

/**
 * Writes placed letters as SVG text (SVG 2, chapter 11), in the item's own space: their words can be searched and changed. Every word
 * stands where its outlines would.
 */
final class WordPainter
{
    /**
     * @param  list<PlacedPiece>  $pieces
     * @param  Fill|null  $fill  of letters that have none of their own
     * @return list<Element>
     */
    public function elements(array $pieces, ?Fill $fill): array
    {
        $words = $lines = [];
        foreach ($pieces as $placed) {
            $colour = ($placed->fill() ?? $fill)?->paint(0.0, 0.0)->value ?? 'none';
            $inside = $this->words($placed);
            if ($inside !== []) {
                $words[] = new Element('tspan', $this->style($placed->piece->style) + ['fill' => $colour], $inside);
            }
            foreach ($placed->underline() as $corners) {
                $lines[] = new Element('path', ['d' => 'M'.implode('L', array_map(static fn (Point $p): string => Length::digits($p->x, 4).' '.Length::digits($p->y, 4), $corners)).'Z', 'fill' => $colour]);
            }
        }

        return $words === [] ? $lines : [...$lines, new Element('text', ['style' => 'white-space:pre;font-kerning:normal;font-variant-ligatures:none'], $words)];
    }

    /** @return array<string, string> */
    private function style(LetterStyle $style): array
    {
        return ['font-family' => $style->font->family, 'font-weight' => (string) $style->font->weight]
            + ($style->font->italic ? ['font-style' => 'italic'] : [])
            + ['font-size' => Length::digits($style->size, 6)]
            + ($style->tracking === 0.0 ? [] : ['letter-spacing' => Length::digits($style->tracking * $style->size / 1000, 6)])
            + ($style->even ? ['font-variant-numeric' => 'tabular-nums'] : []);
    }

    /** @return list<Element> each with the blanks behind it */
    private function words(PlacedPiece $placed): array
    {
        $piece = $placed->piece;
        $words = [];
        $start = 0;
        $text = '';
        $isBlank = true;
        foreach ([...$piece->codePoints, 0x20] as $i => $codePoint) {
            $is = $codePoint === 0x20 || $codePoint === 0x09;
            $isLast = $i === count($piece->codePoints);
            // A figure that is set into its room stands by itself.
            $isAlone = $piece->style->even && $codePoint >= 0x30 && $codePoint <= 0x39;
            if ($text !== '' && ($isLast || $isAlone || ($isBlank && ! $is))) {
                $at = $placed->toItem((float) $piece->places[$start], new Point(0.0, 0.0));
                $words[] = new Element('tspan', ['x' => Length::digits($at->x, 6), 'y' => Length::digits($at->y, 6)] + ($placed->angle === 0.0 ? [] : ['rotate' => Length::digits($placed->angle, 6)]), [$text]);
                $text = '';
            }
            $start = $text === '' ? $i : $start;
            $text .= $isLast ? '' : mb_chr($codePoint >= Font::EVEN ? $codePoint - Font::EVEN : ($codePoint === 0x09 ? 0x20 : $codePoint));
            $isBlank = $is || $isAlone;
        }

        return array_values(array_filter($words, static fn (Element $word): bool => trim(is_string($word->inside[0]) ? $word->inside[0] : '') !== ''));
    }
}
