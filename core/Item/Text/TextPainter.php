<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\OutlineBounds;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Look\Shadow;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Dressing;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Painting\Letters;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\WritesWords;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\TextLine;
use AllSquare\Core\Text\TextStyle;

/** Paints a text as its glyphs' outlines, which whoever shows it has by their font and code point (FontLibrary::outlines). */
final class TextPainter extends Painter implements GivesPath, WritesWords
{
    /** what says how the letters of a text lie in its frame, besides how wide that is */
    private const SETTING = ['text', 'font', 'weight', 'size', 'line_height', 'align', 'grow'];

    private readonly TextFrame $frames;

    private readonly WordPainter $words;

    private readonly TextOutlines $outlines;

    /** @var array<string, list<Letters>> by what a text says and how */
    private array $set = [];

    /** @var array<string, Rect|null> boxes of turned glyphs in font units, by font, glyph and turn */
    private array $turned = [];

    /** @var array<string, Rect|null> boxes of texts about their own corner, by what they say and how, and the turn */
    private array $boxes = [];

    public function __construct(private readonly FontLibrary $fonts)
    {
        $this->frames = new TextFrame($fonts);
        $this->words = new WordPainter($fonts);
        $this->outlines = new TextOutlines($fonts);
    }

    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        $lines = $this->letters($item);
        [$w, $h] = [Length::text($item->frame->w), Length::text($item->frame->h)];
        $frame = "M0 0H{$w}V{$h}H0Z";
        if ($lines === [] || Look::fill($item) === null) {
            return new Painting([], new Hit($frame, true));
        }
        $shape = $this->isPlain($item) ? new Shape(new Element('g', [], $lines), $frame, letters: $this->around($item)) : Shape::ofPath(PathData::write($this->outlines->of($item), 4));
        $painting = (new Dressing($item, $shape))->painting();

        return new Painting($painting->body, new Hit($frame, true), [], $painting->defs);
    }

    /** A box in which all letters lie, with those that reach past the frame. */
    private function around(Item $item): Rect
    {
        [$w, $h, $size] = [$item->frame->w, $item->frame->h, $item->number('size')];

        return Rect::between(-$size, -$size, $w + $size, max($h, $size * count($this->frames->lines($item)) * $item->number('line_height')) + $size);
    }

    /** Whether glyphs can be painted one by one: an edge is that of all of them. */
    private function isPlain(Item $item): bool
    {
        return array_filter(Look::shadows($item), static fn (Shadow $shadow): bool => $shadow->inner || $shadow->spread !== 0.0) === [];
    }

    /** @return list<Letters> the same for all texts that say the same in one style and width */
    private function letters(Item $item): array
    {
        $key = implode("\0", [$item->frame->w, ...array_map($item->word(...), self::SETTING)]);
        if (isset($this->set[$key])) {
            return $this->set[$key];
        }
        $style = $this->frames->style($item);
        $scale = Length::digits($style->scale(), 6);
        $lines = [];
        foreach ($this->placed($item, $style) as [$line, $start]) {
            $glyphs = [];
            foreach ($line->glyphs as [$codePoint, $x]) {
                if ($style->font->box($codePoint) !== null) {
                    array_push($glyphs, $style->font->painted($codePoint), $x);
                }
            }
            if ($glyphs !== []) {
                $lines[] = new Letters($style->font->key, sprintf('translate(%s %s)scale(%s)', Length::digits($start->x, 6), Length::digits($start->y, 6), $scale), $glyphs);
            }
        }

        return $this->set[$key] = $lines;
    }

    public function path(Item $item): ?Path
    {
        $path = $this->outlines->of($item);

        return $path->subpaths === [] ? null : $path;
    }

    public function rule(Item $item): string
    {
        return 'nonzero';
    }

    /** Only what is in one colour is written as words: of all else the outlines are. */
    public function words(Item $item): ?Element
    {
        return Look::fill($item) instanceof Colour && Look::shadows($item) === [] ? $this->words->element($item) : null;
    }

    public function used(Item $item): array
    {
        return $this->words->used($item);
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $item = $branch->item();
        if (Look::paintsNothing($item)) {
            return null;
        }
        $origin = $toSpace->apply(new Point(0.0, 0.0));
        $key = implode("\0", [$item->frame->w, $toSpace->angle, $toSpace->flipped, ...array_filter($item->fields, is_scalar(...))]);
        if (! array_key_exists($key, $this->boxes)) {
            $this->boxes[$key] = $this->box($item, $toSpace->unmoved());
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
            $box = $this->turnedGlyph($style, $style->font->painted($codePoint), $toSheet);
            if ($box !== null) {
                $at = $toSheet->apply($start->plus(new Point($x * $scale, 0.0)));
                $boxes[] = new Rect($at->x + $box->x * $scale, $at->y + $box->y * $scale, $box->w * $scale, $box->h * $scale);
            }
        }

        return Rect::unionOf($boxes);
    }

    private function turnedGlyph(TextStyle $style, int $glyph, Matrix $turn): ?Rect
    {
        $key = "{$style->font->key} $glyph $turn->angle $turn->flipped";
        if (! array_key_exists($key, $this->turned)) {
            $this->turned[$key] = OutlineBounds::of($this->fonts->outlines($style->font->key)[$glyph] ?? '', $turn->unmoved());
        }

        return $this->turned[$key];
    }
}
