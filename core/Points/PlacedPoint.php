<?php

declare(strict_types=1);

namespace AllSquare\Core\Points;

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

/** What a point of a path is while it is arranged: a box of no size that paints nothing. No item of a sheet is of this kind. */
final class PlacedPoint implements Kind, NamedAfterOthers, Symmetric
{
    public function name(): string
    {
        return 'point';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'point' : 'points';
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
