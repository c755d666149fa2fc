<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Line;

use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Flat;
use AllSquare\Core\Item\Traits\InSvg;
use AllSquare\Core\Item\Traits\Symmetric;
use AllSquare\Core\Text\FontLibrary;

/** A straight line: as long as its frame is wide, of no height, at its angle. */
final class LineKind implements Flat, InSvg, Kind, Symmetric
{
    private Fields $fields;

    public function name(): string
    {
        return 'line';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'line' : 'lines';
    }

    public function svgElements(): array
    {
        return ['line'];
    }

    public function icon(): string
    {
        return 'M2 11 12 3';
    }

    public function tool(): Tool
    {
        return new Tool(7, 'Line', 'Drag from end to end; Shift turns in steps of 15°. Enter puts one in the middle', 'M3 17.500 19 4.500', 200.0, 0.0, 'line');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(Look::outlineField('#20302d'), Look::shadowField(), Look::opacityField());
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new LinePainter;
    }

    public function isSymmetric(array $fields): bool
    {
        return true;
    }
}
