<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\NamedAfterOthers;
use AllSquare\Core\Item\Traits\Symmetric;
use AllSquare\Core\Text\FontLibrary;

/** What a slice is while it is arranged: a plain box that paints nothing. No item of a sheet is of this kind. */
final class PlacedSlice implements Kind, NamedAfterOthers, Symmetric
{
    public function name(): string
    {
        return 'slice';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'slice' : 'slices';
    }

    public function icon(): string
    {
        return '';
    }

    public function tool(): ?Tool
    {
        return null;
    }

    public function fields(): Fields
    {
        return new Fields;
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new class extends Painter
        {
            public function paint(Branch $branch): Painting
            {
                return new Painting;
            }

            public function ink(Branch $branch, Matrix $toSpace): ?Rect
            {
                return null;
            }
        };
    }

    public function isSymmetric(array $fields): bool
    {
        return true;
    }
}
