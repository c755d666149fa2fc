<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Box;

use AllSquare\Core\Item\Field\CornersField;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\InSvg;
use AllSquare\Core\Item\Traits\Symmetric;
use AllSquare\Core\Text\FontLibrary;

/** A rectangle, its corners rounded by one radius, or each by its own, if wished. */
final class BoxKind implements Closed, InSvg, Kind, Symmetric
{
    private Fields $fields;

    public function name(): string
    {
        return 'box';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'box' : 'boxes';
    }

    public function svgElements(): array
    {
        return ['rect'];
    }

    public function icon(): string
    {
        return 'M2 3h10v8H2z';
    }

    public function tool(): Tool
    {
        return new Tool(1, 'Box', 'Drag from corner to corner; Shift makes a square. Enter puts one in the middle', 'M3 4.500h16v13H3z', 160.0, 120.0);
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(Look::fillField('#dfeaec'), Look::outlineField(), Look::radiusField(), new CornersField('radii', 'radius'), Look::shadowField(), Look::opacityField());
    }

    /** As long as no corner has a radius of its own. */
    public function isSymmetric(array $fields): bool
    {
        return ! is_array($fields['radii'] ?? null);
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new BoxPainter;
    }
}
