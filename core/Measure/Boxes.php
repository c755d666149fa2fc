<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Traits\CutsOff;
use AllSquare\Core\Item\Traits\PaintsNothing;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Sheet\TreeBranch;
use AllSquare\Core\Text\FontLibrary;

/** The boxes of items on the sheet, all upright and to 1/1000 px. Nothing is kept: each call reads the tree as it is. */
final readonly class Boxes
{
    private Painters $painters;

    /**
     * @param  array<string, Rect|null>  $knownInks by id, of items that are known to be as they were, null of what paints nothing; reckoning ink is slow
     * @param  array<string, Rect>  $knownShadows  of those among them that throw shadows, what they paint with these
     */
    public function __construct(private Tree $tree, FontLibrary $fonts, private array $knownInks = [], private array $knownShadows = [])
    {
        $this->painters = new Painters($fonts);
    }

    public function box(string $id, By $by): Rect
    {
        return match ($by) {
            By::Frame => $this->bounds($id),
            By::Ink => $this->ink($id),
            By::Upright => $this->upright($id),
        };
    }

    /** The upright box round the turned frame; for a group, the union over its visible children. */
    public function bounds(string $id): Rect
    {
        $item = $this->tree->item($id);

        return $this->boundsIn($item, $this->tree->toSheet($item->parent))->rounded();
    }

    /** The same; null for a group that shows nothing. */
    public function shown(string $id): ?Rect
    {
        $item = $this->tree->item($id);

        return $this->shownIn($item, $this->tree->toSheet($item->parent))?->rounded();
    }

    /** The box round what is painted; the bounds where nothing is. */
    public function ink(string $id): Rect
    {
        return ($this->painted($id) ?? $this->bounds($id))->rounded();
    }

    /** The box round what is painted; null where nothing is. */
    public function painted(string $id): ?Rect
    {
        return $this->inkOf($this->tree->item($id))?->rounded();
    }

    /**
     * The box round what is painted, shadows with it; null where nothing is.
     *
     * @param  Rect|null  $ink  the same without them, as painted() gives it
     */
    public function paintedWithShadows(string $id, ?Rect $ink): ?Rect
    {
        return $ink === null || ! $this->throwsShadow($id) ? $ink : $this->shadowed($this->tree->item($id))?->rounded();
    }

    /** The frame as if the item's angle were 0, about the same centre. */
    public function upright(string $id): Rect
    {
        $item = $this->tree->item($id);
        $centre = $this->tree->toSheet($item->parent)->apply($item->frame->centre());

        return (new Rect($centre->x - $item->frame->w / 2, $centre->y - $item->frame->h / 2, $item->frame->w, $item->frame->h))->rounded();
    }

    /**
     * The box round an item in any space.
     *
     * @param  Matrix  $fromParent  from the space of its parent to that space
     */
    public function boundsIn(Item $item, Matrix $fromParent): Rect
    {
        return $this->shownIn($item, $fromParent) ?? $this->frameIn($item, $fromParent);
    }

    /** The box round what a group shows, in the group's own space; null when it shows nothing. */
    public function inside(string $group): ?Rect
    {
        $item = $this->tree->item($group);

        return $item->kind instanceof ShowsAsOne ? $item->kind->extent($item) : $this->around($group, Matrix::identity());
    }

    /** Whether it is a group that shows nothing at all: such a group is left out of arranging. */
    public function showsNothing(string $id): bool
    {
        $item = $this->tree->item($id);

        return $item->isFramedByItems() && $this->shownIn($item, Matrix::identity()) === null;
    }

    /** Whether the item, with its groups, stands at a multiple of 90 degrees. */
    public function standsUpright(string $id): bool
    {
        return Angle::isQuarter($this->tree->totalAngle($id));
    }

    /** As boundsIn, but null for a group that shows nothing. */
    private function shownIn(Item $item, Matrix $fromParent): ?Rect
    {
        if (! $item->isFramedByItems() || $item->kind instanceof ShowsAsOne) {
            return $this->frameIn($item, $fromParent);
        }

        return $this->around($item->id, $fromParent->after($item->toParent()));
    }

    /**
     * The box round what a group shows.
     *
     * @param  Matrix  $own  from the group's own space
     */
    private function around(string $group, Matrix $own): ?Rect
    {
        $boxes = [];
        $mask = $this->tree->mask($group);
        foreach ($mask === null ? $this->tree->children($group) : [$mask] as $child) {
            $box = $child->hidden ? null : $this->shownIn($child, $own);
            if ($box !== null) {
                $boxes[] = $box;
            }
        }

        return Rect::unionOf($boxes);
    }

    private function frameIn(Item $item, Matrix $fromParent): Rect
    {
        return $item->angle === 0.0
            ? $fromParent->bounds($item->frame)
            : $fromParent->after(Matrix::turnAbout($item->frame->centre(), $item->angle))->bounds($item->frame);
    }

    /**
     * Whether its box is known to about 1/1000 px only: it is placed on axes that are not the sheet's,
     * or something that it shows in it is turned.
     */
    public function isInexact(string $id): bool
    {
        return $this->tree->toSheet($this->tree->item($id)->parent)->angle !== 0.0 || $this->showsTurned($id);
    }

    private function showsTurned(string $id): bool
    {
        foreach ($this->tree->item($id)->kind instanceof ShowsAsOne ? [] : $this->tree->children($id) as $child) {
            if (! $child->hidden && (! $this->standsUpright($child->id) || $this->showsTurned($child->id))) {
                return true;
            }
        }

        return false;
    }

    private function throwsShadow(string $id): bool
    {
        if (isset($this->knownShadows[$id]) || Look::shadows($this->tree->item($id)) !== []) {
            return true;
        }
        foreach (array_key_exists($id, $this->knownInks) ? [] : $this->tree->children($id) as $child) {
            if ($this->throwsShadow($child->id)) {
                return true;
            }
        }

        return false;
    }

    /** Ink with the shadows of the item and of what it holds. */
    private function shadowed(Item $item): ?Rect
    {
        if (array_key_exists($item->id, $this->knownInks)) {
            return $this->knownShadows[$item->id] ?? $this->knownInks[$item->id];
        }
        $toSheet = $this->tree->toSheet($item->parent)->after($item->paintedToParent());
        $own = $this->ownInk($item, $toSheet);
        $boxes = $own === null ? [] : [Look::withShadows($item, $own, $toSheet)];
        $mask = $this->tree->mask($item->id);
        foreach ($item->kind instanceof ShowsAsOne ? [] : $this->tree->children($item->id) as $child) {
            $box = $child->hidden || $child->id === $mask?->id ? null : $this->shadowed($child);
            if ($box !== null) {
                $boxes[] = $box;
            }
        }

        return Rect::unionOf($own === null ? $this->seen($item, $boxes) : [$boxes[0], ...$this->seen($item, array_slice($boxes, 1))]);
    }

    /**
     * What is seen of things in an item that may cut them off: as far as the box round its frame.
     *
     * @param  list<Rect>  $boxes
     * @return list<Rect>
     */
    private function seen(Item $item, array $boxes): array
    {
        if ($boxes === [] || ! $item->kind instanceof CutsOff || ! $item->kind->isClipping($item->fields)) {
            return $boxes;
        }
        $frame = $this->boundsIn($item, $this->tree->toSheet($item->parent));

        return array_values(array_filter(array_map($frame->within(...), $boxes)));
    }

    /** What it paints itself. Of what stands upright that is reckoned in its own space, so that it is the same wherever that lies. */
    private function ownInk(Item $item, Matrix $toSheet): ?Rect
    {
        if ($item->kind instanceof PaintsNothing) {
            return null;
        }
        [$painter, $branch] = [$this->painters->of($item), new TreeBranch($this->tree, $item)];

        return $toSheet->angle === 0.0 && $item->flip === Flip::None
            ? $painter->ink($branch, Matrix::identity())?->rounded()->moved($toSheet->dx, $toSheet->dy)
            : $painter->ink($branch, $toSheet);
    }

    private function inkOf(Item $item): ?Rect
    {
        if (array_key_exists($item->id, $this->knownInks)) {
            return $this->knownInks[$item->id];
        }
        $own = $this->ownInk($item, $this->tree->toSheet($item->parent)->after($item->paintedToParent()));
        if (! $item->holdsItems() || $item->kind instanceof ShowsAsOne) {
            return $own;
        }
        $inks = [];
        $mask = $this->tree->mask($item->id);
        foreach ($this->tree->children($item->id) as $child) {
            $ink = $child->hidden || $child->id === $mask?->id ? null : $this->inkOf($child);
            if ($ink !== null) {
                $inks[] = $ink;
            }
        }

        return Rect::unionOf([...($own === null ? [] : [$own]), ...$this->seen($item, $inks)]);
    }
}
