<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Arc;

use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Text\FontLibrary;

/**
 * A part of an ellipse (RULES 15): a sector, a part of a ring, or a ring. The frame is that of the whole ellipse, so that arcs of one
 * frame have one centre.
 *
 * `start` is where it begins, in degrees clockwise from the top; `sweep` is how far it goes on from there, backwards below 0; `hole` is the
 * radius of the hole as a share of the whole.
 */
final class ArcKind implements Closed, Kind
{
    private Fields $fields;

    public function name(): string
    {
        return 'arc';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'arc' : 'arcs';
    }

    public function icon(): string
    {
        return 'M7 1.500A5.500 5.500 0 1 1 1.500 7H7z';
    }

    public function tool(): Tool
    {
        return new Tool(4, 'Arc', 'Drag from corner to corner of the whole round; Shift makes a circle. Where it begins, how far it goes and its hole are in the Look drawer. Enter puts one in the middle', 'M11 3A8 8 0 1 1 3 11H11z', 120.0, 120.0, behind: 'polygon');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            NumberField::angle('start', 'the start of the arc', 'Shape', 'begins at', 0.0, -360.0, 360.0, 'degrees clockwise from the top'),
            NumberField::angle('sweep', 'the sweep of the arc', 'Shape', 'sweep', 270.0, -360.0, 360.0, 'degrees clockwise from where it begins; a whole ring or round at 360'),
            NumberField::share('hole', 'the hole of the arc', 'Shape', 'hole', FieldGroup::Geometry, 0.0, 'the radius of the hole as a share of the whole'),
            Look::fillField('#b9cfc6'),
            Look::outlineField(),
            Look::shadowField(),
            Look::opacityField(),
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new ArcPainter;
    }
}
