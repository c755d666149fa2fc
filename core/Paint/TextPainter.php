<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Item;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\Line;
use AllSquare\Core\Text\TextFrame;
use AllSquare\Core\Text\TextStyle;

/**
 * Paints a text as its glyphs' outlines. What is stored refers to glyphs by id, one `use` each, in font units;
 * whoever shows it has the outlines (FontLibrary::outlines) under these ids.
 */
final readonly class TextPainter implements Painter
{
    private TextFrame $frames;

    public function __construct(private FontLibrary $fonts)
    {
        $this->frames = new TextFrame($fonts);
    }

    public function svg(Item $item): string
    {
        $style = $this->frames->style($item);
        $scale = self::figure($style->scale());
        $lines = '';
        foreach ($this->placed($item, $style) as [$line, $start]) {
            $glyphs = '';
            foreach ($line->glyphs as [$codePoint, $x]) {
                if ($style->font->box($codePoint) !== null) {
                    $glyphs .= "<use href='#{$style->font->glyphId($codePoint)}' x='$x'/>";
                }
            }
            if ($glyphs !== '') {
                $lines .= sprintf("<g transform='translate(%s %s)scale(%s)'>%s</g>", self::figure($start->x), self::figure($start->y), $scale, $glyphs);
            }
        }

        return $lines === '' ? '' : "<g fill='".(Look::fill($item) ?? 'none')."'>$lines</g>";
    }

    public function ink(Item $item, Matrix $toSheet): ?Rect
    {
        if (Look::paintsNothing($item)) {
            return null;
        }
        $style = $this->frames->style($item);
        $upright = Angle::isQuarter($toSheet->angle);
        $outlines = $upright ? [] : $this->fonts->outlines($style->font->key);
        $ink = null;
        foreach ($this->placed($item, $style) as [$line, $start]) {
            foreach ($line->glyphs as [$codePoint, $x]) {
                $origin = $start->plus(new Point($x * $style->scale(), 0.0));
                $box = $upright
                    ? $this->glyphBox($style, $codePoint, $origin, $toSheet)
                    : OutlineBounds::of($outlines[$style->font->painted($codePoint)] ?? '', $origin, $style->scale(), $toSheet);
                $ink = $box === null ? $ink : ($ink?->union($box) ?? $box);
            }
        }

        return $ink;
    }

    /**
     * The lines with where they start: on the baseline, by alignment.
     *
     * @return list<array{Line, Point}>
     */
    private function placed(Item $item, TextStyle $style): array
    {
        $placed = [];
        foreach ($this->frames->lines($item) as $i => $line) {
            $free = $item->frame->w - $line->advance * $style->scale();
            $placed[] = [$line, new Point($free * $style->align->before(), $style->baseline() + $i * $style->leading())];
        }

        return $placed;
    }

    private function glyphBox(TextStyle $style, int $codePoint, Point $origin, Matrix $toSheet): ?Rect
    {
        $box = $style->font->box($codePoint);
        $scale = $style->scale();

        return $box === null ? null : $toSheet->bounds(
            new Rect($origin->x + $box->x * $scale, $origin->y + $box->y * $scale, $box->w * $scale, $box->h * $scale),
        );
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.');
    }
}
