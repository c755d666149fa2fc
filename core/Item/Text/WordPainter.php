<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\TextLine;
use AllSquare\Core\Text\TextStyle;

/**
 * Writes a text item as SVG text (SVG 2, chapter 11), in the item's own space: its words can be searched and changed. Lines
 * and words stand where the outlines would, since the advance widths are those of the font.
 */
final readonly class WordPainter
{
    private TextFrame $frames;

    public function __construct(FontLibrary $fonts)
    {
        $this->frames = new TextFrame($fonts);
    }

    /** @return Element|null null where there is nothing to read */
    public function element(Item $item): ?Element
    {
        $style = $this->frames->style($item);
        $lines = [];
        foreach ($this->frames->lines($item) as $i => $line) {
            $start = ($item->frame->w - $line->advance * $style->scale()) * $style->align->before();
            foreach ($this->runs($line, $style) as [$x, $words]) {
                $lines[] = new Element('tspan', ['x' => Length::digits($start + $x * $style->scale(), 6), 'y' => Length::digits($style->baseline() + $i * $style->leading(), 6)], [$words]);
            }
        }

        return $lines === [] ? null : new Element('text', [
            'font-family' => $style->font->family, 'font-weight' => (string) $style->font->weight, 'font-size' => Length::digits($style->size, 6), 'fill' => Look::fill($item)?->paint($item->frame->w, $item->frame->h)->value ?? 'none',
            'style' => 'white-space:pre;font-kerning:none;font-variant-ligatures:none',
        ], $lines);
    }

    /** @return array<string, list<int>> the code points it paints, by the key of their font */
    public function used(Item $item): array
    {
        $used = [];
        foreach ($this->frames->lines($item) as $line) {
            foreach ($line->glyphs as [$codePoint]) {
                $used[$codePoint] = $codePoint;
            }
        }

        return $used === [] ? [] : [$this->frames->style($item)->font->key => array_values($used)];
    }

    /**
     * Words with the blanks between them; after a tab, a run of its own.
     *
     * @return list<array{int, string}> where each begins, in font units from the line's start
     */
    private function runs(TextLine $line, TextStyle $style): array
    {
        $blank = $style->font->advance(0x20);
        $runs = [];
        $start = $end = null;
        $words = '';
        foreach ($line->glyphs as [$codePoint, $x]) {
            $blanks = $end === null ? null : ($x - $end) / $blank;
            if ($start === null || $blanks === null || floor($blanks) !== (float) $blanks) {
                if ($start !== null) {
                    $runs[] = [$start, $words];
                }
                [$start, $words, $blanks] = [$x, '', 0];
            }
            $words .= str_repeat(' ', (int) $blanks).mb_chr($codePoint);
            $end = $x + $style->font->advance($codePoint);
        }
        if ($start !== null) {
            $runs[] = [$start, $words];
        }

        return $runs;
    }
}
