<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Mask;

use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\GoesWhenEmpty;
use AllSquare\Core\Item\Traits\MasksOthers;
use AllSquare\Core\Item\Traits\NoGround;
use AllSquare\Core\Item\Traits\PaintedWithItems;
use AllSquare\Core\Item\Traits\Symmetric;
use AllSquare\Core\Text\FontLibrary;

/** Things of which that much is seen as lies in the foremost of them (RULES 13): a closed shape, or the letters of a text. */
final class MaskKind implements GoesWhenEmpty, Kind, MasksOthers, NoGround, PaintedWithItems, Symmetric
{
    private Fields $fields;

    public function name(): string
    {
        return 'mask';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'mask' : 'masks';
    }

    public function icon(): string
    {
        return 'M2 2h10v10H2zM7 4a3 3 0 1 0 0 6a3 3 0 1 0 0-6';
    }

    public function tool(): ?Tool
    {
        return null;
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(Look::opacityField());
    }

    /** What is in it is mirrored by itself. */
    public function isSymmetric(array $fields): bool
    {
        return true;
    }

    public function isClipping(array $fields): bool
    {
        return true;
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new MaskPainter($fonts);
    }
}
