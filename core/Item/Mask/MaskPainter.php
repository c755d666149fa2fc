<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Mask;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Clip;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Text\FontLibrary;

/** A mask paints nothing of its own; it says within which path what it holds is seen. */
final class MaskPainter extends Painter
{
    public function __construct(private readonly FontLibrary $fonts)
    {
    }

    public function paint(Branch $branch): Painting
    {
        $mask = self::foremost($branch);
        $painter = $mask?->kind->painter($this->fonts);
        $path = $mask !== null && $painter instanceof GivesPath ? $painter->path($mask)?->mapped($mask->paintedToParent()->apply(...)) : null;

        return (new Painting)->within($path === null || $mask === null || ! $painter instanceof GivesPath ? new Clip('M0 0') : new Clip(PathData::write($path, 4), $painter->rule($mask)));
    }

    public function ink(Branch $branch, Matrix $toSpace): ?Rect
    {
        return null;
    }

    private static function foremost(Branch $branch): ?Item
    {
        $foremost = null;
        foreach ($branch->inside() as $held) {
            $foremost = $held->item()->hidden ? $foremost : $held->item();
        }

        return $foremost;
    }
}
