<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Group;

use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\NumbersField;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\FramedByItems;
use AllSquare\Core\Item\Traits\GoesWhenEmpty;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Item\Traits\KeepsNumbers;
use AllSquare\Core\Item\Traits\NoGround;
use AllSquare\Core\Item\Traits\PaintsNothing;
use AllSquare\Core\Text\FontLibrary;

/**
 * Items held together. Its children live in its space, so that turning it rewrites none of them.
 *
 * `series` keeps the numbers of a block, a ring or a row of steps whose members its children are; null for any other group.
 */
final class GroupKind implements FramedByItems, GoesWhenEmpty, HoldsItems, KeepsNumbers, Kind, NoGround, PaintsNothing
{
    private Fields $fields;

    public function name(): string
    {
        return 'group';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'group' : 'groups';
    }

    public function icon(): string
    {
        return 'M2 4V2h2M10 2h2v2M12 10v2h-2M4 12H2v-2M4.500 4.500h5v5h-5z';
    }

    public function tool(): ?Tool
    {
        return null;
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(Look::opacityField(), new NumbersField('series', 'the series', 'the numbers of a series'));
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new GroupPainter;
    }

    public function keepsNumbers(array $fields): bool
    {
        return ($fields['series'] ?? null) !== null;
    }
}
