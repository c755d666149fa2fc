<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Item\Traits\NamedAfterOthers;
use AllSquare\Core\Item\Traits\Symmetric;
use AllSquare\Core\Text\FontLibrary;

/** What something that is no item is while it is arranged as if it were one: a plain box that paints nothing. No item of a sheet is of such a kind. */
abstract class PlainBox implements Kind, NamedAfterOthers, Symmetric
{
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
