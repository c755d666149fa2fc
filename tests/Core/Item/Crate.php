<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Item\Traits\PaintedWithItems;
use AllSquare\Core\Text\FontLibrary;

/** A made-up kind: a container with a frame of its own, which paints a ground beneath what it holds and a lid over it, with a line for each thing in it. */
final class Crate implements Closed, HoldsItems, Kind, PaintedWithItems
{
    public function name(): string
    {
        return 'crate';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'crate' : 'crates';
    }

    public function icon(): string
    {
        return 'M2 2h10v10H2z';
    }

    public function tool(): Tool
    {
        return new Tool(9, 'Crate', 'Drag it', 'M2 2h10v10H2z', 100.0, 100.0);
    }

    public function fields(): Fields
    {
        return new Fields(Look::fillField('#b08d57'), Look::outlineField(), Look::opacityField());
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new class extends Painter
        {
            public function paint(Branch $branch): Painting
            {
                $item = $branch->item();
                $held = array_map(static fn (Branch $inside): Element => new Element('line', ['id' => $inside->item()->id]), [...$branch->inside()]);

                return new Painting([Element::box(new Rect(0.0, 0.0, $item->frame->w, $item->frame->h), ['fill' => Look::fill($item)?->paint(0.0, 0.0)->value ?? 'none'])], new Hit('M0 0H1', true), $held);
            }

            public function ink(Branch $branch, Matrix $toSpace): Rect
            {
                return $toSpace->bounds(new Rect(0.0, 0.0, $branch->item()->frame->w, $branch->item()->frame->h));
            }
        };
    }
}
