<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Round;

use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\InSvg;
use AllSquare\Core\Item\Traits\Symmetric;
use AllSquare\Core\Text\FontLibrary;

/** An ellipse that fills its frame; a circle in a square frame. */
final class RoundKind implements Closed, InSvg, Kind, Symmetric
{
    private Fields $fields;

    public function name(): string
    {
        return 'round';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'round' : 'rounds';
    }

    public function svgElements(): array
    {
        return ['circle', 'ellipse'];
    }

    public function icon(): string
    {
        return 'M2 7a5 4.500 0 1 0 10 0a5 4.500 0 1 0-10 0z';
    }

    public function tool(): Tool
    {
        return new Tool(2, 'Round', 'Drag from corner to corner; Shift makes a circle. Enter puts one in the middle', 'M3 11a8 6.500 0 1 0 16 0a8 6.500 0 1 0-16 0z', 120.0, 120.0, 'ellipse');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(Look::fillField('#7fa7b0'), Look::outlineField(), Look::shadowField(), Look::opacityField());
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new RoundPainter;
    }

    public function isSymmetric(array $fields): bool
    {
        return true;
    }
}
