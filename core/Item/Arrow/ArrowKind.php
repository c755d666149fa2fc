<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Arrow;

use AllSquare\Core\Item\Field\ChoiceField;
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
 * A block arrow that fills its frame from left to right (RULES 15): a shaft so many px thick, and a head so many px long and as
 * high as the frame. What is left of the frame where the head is longer, or the shaft thicker, is all there is.
 */
final class ArrowKind implements Closed, Kind
{
    private Fields $fields;

    public function name(): string
    {
        return 'arrow';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'arrow' : 'arrows';
    }

    public function icon(): string
    {
        return 'M1.500 5.500h6V3l5 4-5 4V8.500h-6z';
    }

    public function tool(): Tool
    {
        return new Tool(5, 'Arrow', 'Drag from corner to corner. Shaft and head are in the Look drawer. Enter puts one in the middle', 'M3 8.500h9V5l7 6-7 6v-3.500H3z', 160.0, 64.0, behind: 'polygon');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            NumberField::length('shaft', 'the thickness of the shaft', 'Shape', 'shaft', FieldGroup::Geometry, 24.0, 0.1, 10_000.0, 'how thick the shaft is, px', scales: true),
            NumberField::length('head', 'the length of the head', 'Shape', 'head', FieldGroup::Geometry, 40.0, 0.1, 10_000.0, 'how long the head is, px', scales: true),
            new ChoiceField('heads', 'the ends with a head', 'Shape', 'heads', FieldGroup::Geometry, ['end' => 'at its end', 'both' => 'at both ends'], 'whether it has a head at its end or at both'),
            Look::fillField('#b9cfc6'),
            Look::outlineField(),
            Look::radiusField(),
            Look::shadowField(),
            Look::opacityField(),
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new ArrowPainter;
    }
}
