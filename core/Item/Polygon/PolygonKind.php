<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Polygon;

use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\WholeNumberField;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Text\FontLibrary;

/**
 * A regular polygon or a star that fills its frame (RULES 15).
 *
 * `star` is the radius of the inner corners as a share of that of the tips; null for a polygon.
 */
final class PolygonKind implements Closed, Kind
{
    private Fields $fields;

    public function name(): string
    {
        return 'polygon';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'polygon' : 'polygons';
    }

    public function icon(): string
    {
        return 'M7 1.500 12.500 5.500 10.400 12H3.600L1.500 5.500z';
    }

    public function tool(): Tool
    {
        return new Tool(3, 'Polygon', 'Drag from corner to corner; Shift makes it as wide as high. Sides and star are in the Look drawer. Enter puts one in the middle', 'M11 3 19 9 16 18H6L3 9z', 120.0, 120.0);
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new WholeNumberField('sides', 'the number of sides', 'Shape', 'sides', FieldGroup::Geometry, 5, 3, 60, 'or of the tips of a star'),
            NumberField::share('star', 'the inner radius of the star', 'Shape', 'star', FieldGroup::Geometry, null, 'the radius of its inner corners as a share of that of its tips; null for a polygon', 0.01),
            Look::fillField('#b9cfc6'),
            Look::outlineField(),
            Look::radiusField(),
            Look::shadowField(),
            Look::opacityField(),
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new PolygonPainter;
    }
}
