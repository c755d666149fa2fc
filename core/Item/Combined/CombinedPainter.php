<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Combined;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Leaf;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Painting\Shape;
use AllSquare\Core\Item\Painting\ShapePainter;
use AllSquare\Core\Item\Traits\WordsInBox;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Text\FontLibrary;

/** Paints the outcome, and over it the words of the anchor where they stand in a box of their own. */
final class CombinedPainter extends ShapePainter
{
    public function __construct(private readonly FontLibrary $fonts)
    {
    }

    public function shape(Item $item): ?Shape
    {
        $path = PathField::of($item->fields['outcome']);
        $data = PathData::write($path, 4);
        $bounds = $path->bounds();

        // It lies in the space of what is combined, not in its own frame's.
        return $data === '' || $bounds === null ? null : Shape::ofPath($data, rule: 'evenodd', origin: new Point($bounds->x, $bounds->y));
    }

    public function paint(Branch $branch): Painting
    {
        $painting = parent::paint($branch);
        $words = $this->words($branch);
        if ($words === null) {
            return $painting;
        }
        $letters = $words->kind->painter($this->fonts)->paint(new Leaf($words));
        $group = new Element('g', ['transform' => $words->paintedToParent()->toSvg()], $letters->body);

        return new Painting([...$painting->body, $group], $painting->hit, $painting->over, [...$painting->defs, ...$letters->defs]);
    }

    /** To the last digit. */
    public function path(Item $item): Path
    {
        return PathField::of($item->fields['outcome']);
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        $words = $branch->item()->number('opacity') <= 0 ? null : $this->words($branch);
        $ofWords = $words === null ? null : $words->kind->painter($this->fonts)->ink(new Leaf($words), $toSpace->after($words->paintedToParent()));

        return Rect::unionOf(array_values(array_filter([$this->inkByPath($branch->item(), $toSpace), $ofWords])));
    }

    /** The words of the anchor, which lies at the back. */
    private function words(Branch $branch): ?Item
    {
        foreach ($branch->inside() as $held) {
            $anchor = $held->item();

            return $anchor->kind instanceof WordsInBox && ! $anchor->hidden && $anchor->kind->box($anchor) !== null ? $anchor->kind->unboxed($anchor) : null;
        }

        return null;
    }
}
