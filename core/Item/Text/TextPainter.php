<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Text\FontLibrary;

/** Paints a text: the box round it, and its lines. */
final class TextPainter extends LettersPainter
{
    private readonly Typesetting $setting;

    /** @var array<string, Rect|null> boxes of texts about their own corner, by what they say and how, and the turn */
    private array $boxes = [];

    public function __construct(FontLibrary $fonts)
    {
        parent::__construct($fonts);
        $this->setting = new Typesetting($fonts);
    }

    public function pieces(Item $item): array
    {
        $set = $this->setting->of($item);
        $top = $this->setting->top($item->fields, $set, $item->frame->h);
        $left = Typesetting::left($item->fields);
        $pieces = [];
        foreach ($set->lines as $line) {
            foreach ($line->pieces as $piece) {
                $pieces[] = new PlacedPiece($piece, new Point($left + $piece->x, $top + $line->baseline + $piece->style->drop()));
            }
        }

        return $pieces;
    }

    /** A text in a box has the shape of that. */
    public function path(Item $item): ?Path
    {
        $box = $this->box($item);
        $path = $box === null ? parent::path($item) : PathData::read($this->boxPainter->shape($box)->path ?? '');

        return $path?->subpaths === [] ? null : $path;
    }

    protected function box(Item $item): ?Item
    {
        return TextBox::of($item);
    }

    protected function inkOf(Item $item, array $seen, Matrix $toSpace): ?Rect
    {
        $origin = $toSpace->apply(new Point(0.0, 0.0));
        $fills = $item->fields['fill'] === null ? '-' : '';
        $key = implode("\0", [$item->frame->w, $item->frame->h, $toSpace->angle, $toSpace->flipped, $fills, json_encode([$item->fields['padding'], $item->fields['stand']]), $this->setting->key($item->fields)]);
        if (! array_key_exists($key, $this->boxes)) {
            $this->boxes[$key] = parent::inkOf($item, $seen, $toSpace->unmoved());
        }

        return $this->boxes[$key]?->moved($origin->x, $origin->y);
    }
}
