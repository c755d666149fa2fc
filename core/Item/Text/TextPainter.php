<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\OutlineBounds;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look;
use AllSquare\Core\Item\Painter;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\TextLine;
use AllSquare\Core\Text\TextStyle;
use ArrayObject;

/**
 * Paints a text as its glyphs' outlines. What is stored refers to glyphs by id, one `use` each, in font units;
 * whoever shows it has the outlines (FontLibrary::outlines) under these ids.
 */
final readonly class TextPainter implements Painter
{
    private TextFrame $frames;

    /** @var ArrayObject<string, Rect|null> boxes of turned glyphs in font units, by font, glyph and angle */
    private ArrayObject $turned;

    /** @var ArrayObject<string, Rect|null> boxes of texts about their own corner, by what they say and how, and the angle */
    private ArrayObject $boxes;

    public function __construct(private FontLibrary $fonts)
    {
        $this->frames = new TextFrame($fonts);
        /** @var ArrayObject<string, Rect|null> $turned */
        $turned = new ArrayObject;
        $this->turned = $turned;
        /** @var ArrayObject<string, Rect|null> $boxes */
        $boxes = new ArrayObject;
        $this->boxes = $boxes;
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
        $origin = $toSheet->apply(new Point(0.0, 0.0));
        $key = json_encode([$item->props, $item->frame->w, $toSheet->angle], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        if (! $this->boxes->offsetExists($key)) {
            $this->boxes[$key] = $this->box($item, Matrix::turnAbout(new Point(0.0, 0.0), $toSheet->angle));
        }

        return $this->boxes[$key]?->moved($origin->x, $origin->y);
    }

    /** The box round the glyphs, turned about the item's own corner: the same for all texts that say the same in one style. */
    private function box(Item $item, Matrix $turn): ?Rect
    {
        $style = $this->frames->style($item);
        $upright = Angle::isQuarter($turn->angle);
        $boxes = [];
        foreach ($this->placed($item, $style) as [$line, $start]) {
            $boxes[] = $upright ? $this->lineBox($style, $line, $start, $turn) : $this->turnedLineBox($style, $line, $start, $turn);
        }

        return Rect::unionOf(array_values(array_filter($boxes)));
    }

    /**
     * The lines with where they start: on the baseline, by alignment.
     *
     * @return list<array{TextLine, Point}>
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

    /** The box round the glyphs of a line, reckoned in font units and brought onto the sheet once. */
    private function lineBox(TextStyle $style, TextLine $line, Point $start, Matrix $toSheet): ?Rect
    {
        $left = $top = INF;
        $right = $bottom = -INF;
        foreach ($line->glyphs as [$codePoint, $x]) {
            $box = $style->font->box($codePoint);
            if ($box !== null) {
                [$left, $top] = [min($left, $x + $box->x), min($top, $box->y)];
                [$right, $bottom] = [max($right, $x + $box->right()), max($bottom, $box->bottom())];
            }
        }
        $scale = $style->scale();

        return $left === INF ? null : $toSheet->bounds(Rect::between($start->x + $left * $scale, $start->y + $top * $scale, $start->x + $right * $scale, $start->y + $bottom * $scale));
    }

    /** A glyph's box depends on its outline and the angle alone, so that it is worked out once for all places and sizes. */
    private function turnedLineBox(TextStyle $style, TextLine $line, Point $start, Matrix $toSheet): ?Rect
    {
        $scale = $style->scale();
        $boxes = [];
        foreach ($line->glyphs as [$codePoint, $x]) {
            $box = $this->turnedGlyph($style, $style->font->painted($codePoint), $toSheet->angle);
            if ($box !== null) {
                $at = $toSheet->apply($start->plus(new Point($x * $scale, 0.0)));
                $boxes[] = new Rect($at->x + $box->x * $scale, $at->y + $box->y * $scale, $box->w * $scale, $box->h * $scale);
            }
        }

        return Rect::unionOf($boxes);
    }

    private function turnedGlyph(TextStyle $style, int $glyph, float $angle): ?Rect
    {
        $key = "{$style->font->key} $glyph $angle";
        if (! $this->turned->offsetExists($key)) {
            $this->turned[$key] = OutlineBounds::of($this->fonts->outlines($style->font->key)[$glyph] ?? '', $angle);
        }

        return $this->turned[$key];
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.');
    }
}
