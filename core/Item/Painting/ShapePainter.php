<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Path\Stroke;

/** Paints what has one shape: its fill, its outline and its shadows. */
abstract class ShapePainter extends Painter implements GivesPath
{
    /** @return Shape|null null where there is nothing to be seen */
    abstract public function shape(Item $item): ?Shape;

    public function paint(Branch $branch): Painting
    {
        $item = $branch->item();
        $shape = $this->shape($item);

        return $shape === null ? new Painting : (new Dressing($item, $shape))->painting();
    }

    public function path(Item $item): ?Path
    {
        $shape = $this->shape($item);

        return $shape === null ? null : PathData::read($shape->path);
    }

    public function rule(Item $item): string
    {
        return $this->shape($item)->rule ?? 'nonzero';
    }

    /** How the outline is drawn, for what it reaches; a bare edge where there is none. */
    protected static function stroke(Item $item, bool $hasNoSides = false): Stroke
    {
        return Look::outline($item)?->stroke(Look::reach($item, $hasNoSides)) ?? new Stroke(0.0);
    }

    /** The ink by the path itself, whatever its outline is like. */
    protected function inkByPath(Item $item, Matrix $toSpace): ?Rect
    {
        $shape = Look::paintsNothing($item) ? null : $this->shape($item);

        return $shape === null || ($shape->isOpen && Look::outline($item) === null) ? null : self::stroke($item, ! $shape->hasSides)->bounds(($this->path($item) ?? new Path([]))->mapped($toSpace->apply(...)));
    }
}
