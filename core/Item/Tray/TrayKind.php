<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Tray;

use AllSquare\Core\Item\Field\CornersField;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\RailField;
use AllSquare\Core\Item\Field\SwitchField;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\CutsOff;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Item\Traits\KeepsNumbers;
use AllSquare\Core\Item\Traits\LaysOut;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Text\FontLibrary;

/**
 * A box in which things lie (RULES 13). Its frame is its own, whatever lies in it or beyond its edges; what is in it moves with it.
 */
final class TrayKind implements Closed, CutsOff, HoldsItems, KeepsNumbers, Kind, LaysOut
{
    private Fields $fields;

    public function name(): string
    {
        return 'tray';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'tray' : 'trays';
    }

    public function icon(): string
    {
        return 'M2 3v8h10V3M4.500 5.500h5v3h-5z';
    }

    public function tool(): Tool
    {
        return new Tool(6, 'Tray', 'Drag from corner to corner, then drag things into it; Shift makes a square. Enter puts one in the middle', 'M3 5v12h16V5M7 8.500h8v5H7z', 240.0, 160.0, behind: 'polygon');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new SwitchField('clip', 'the clip of the tray', 'Tray', 'cuts off what reaches past it', FieldGroup::Look, 'whether only what lies in its frame is painted of the things in it'),
            Look::fillField('#eef2ee'),
            Look::outlineField(),
            Look::radiusField(),
            new CornersField('radii', 'radius'),
            Look::shadowField(),
            Look::opacityField(),
            new RailField,
        );
    }

    public function rail(array $fields): ?RailRules
    {
        return $fields['rail'] instanceof RailRules ? $fields['rail'] : null;
    }

    /** As long as it is a rail: what lies in it lies where its numbers say. */
    public function keepsNumbers(array $fields): bool
    {
        return ($fields['rail'] ?? null) !== null;
    }

    public function isClipping(array $fields): bool
    {
        return ($fields['clip'] ?? false) === true;
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new TrayPainter;
    }
}
