<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Item\Traits\PaintsNothing;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Tree;

/** What slices come to on a sheet: the area that each is painted from, and what it takes. */
final class Areas
{
    /** @var list<Rect>|null what is painted on the sheet, each thing by itself */
    private ?array $everything = null;

    /** @var list<Item>|null all pictures of the sheet that are seen */
    private ?array $pictures = null;

    /** @param  array<string, Rect>  $painted  the box that each item paints, by id; of those that paint anything */
    public function __construct(private readonly Tree $tree, private readonly array $painted)
    {
    }

    /** The slice's box, or what is painted in it where it is trimmed, with its padding. */
    public function of(Slice $slice): Rect
    {
        $box = $slice->cut->trim ? $this->trimmed($slice) ?? $slice->box : $slice->box;
        $padding = $slice->cut->padding;

        return new Rect($box->x - $padding, $box->y - $padding, $box->w + 2 * $padding, $box->h + 2 * $padding);
    }

    /** @return list<string>|null ids of the items it takes that are still there; null for all that lies there */
    public function taken(Slice $slice): ?array
    {
        return $slice->cut->only ? array_values(array_filter($slice->cut->items, $this->tree->has(...))) : null;
    }

    /** Whether nothing at all is painted in it but its background. */
    public function isEmpty(Slice $slice): bool
    {
        return $this->inside($slice) === [];
    }

    /** @return list<Item> the pictures that are seen in it */
    public function pictures(Slice $slice): array
    {
        $this->pictures ??= array_values(array_filter($this->tree->all(), fn (Item $item): bool => $item->kind instanceof HasPicture
            && $item->kind->picture($item->fields) !== null && isset($this->painted[$item->id]) && ! $this->tree->isHidden($item->id) && ! $this->tree->isReference($item->id)));
        $taken = $this->taken($slice);

        return array_values(array_filter($this->pictures, fn (Item $item): bool => $taken === null
            ? $this->painted[$item->id]->meets($slice->box)
            : array_filter($taken, fn (string $id): bool => $id === $item->id || $this->tree->isWithin($item->id, $id)) !== []));
    }

    /** Of its own items all they paint; of what lies there only what lies in it. Out to whole pixels. */
    private function trimmed(Slice $slice): ?Rect
    {
        $boxes = $this->inside($slice);
        $box = Rect::unionOf($boxes);
        if ($box === null) {
            return null;
        }
        $held = $slice->cut->only ? $box : Rect::between(max($box->x, $slice->box->x), max($box->y, $slice->box->y), min($box->right(), $slice->box->right()), min($box->bottom(), $slice->box->bottom()));

        return Slice::outward($held);
    }

    /** @return list<Rect> what is painted in it by the items it takes */
    private function inside(Slice $slice): array
    {
        if ($slice->cut->only) {
            return array_merge(...array_map($this->paintedBy(...), $this->taken($slice) ?? []), ...[[]]);
        }
        $box = $slice->box;
        $this->everything ??= array_merge(...array_map(fn (Item $item): array => $this->paintedBy($item->id), $this->tree->children(null)), ...[[]]);

        return array_values(array_filter($this->everything, static fn (Rect $other): bool => $other->x < $box->x + $box->w && $other->x + $other->w > $box->x && $other->y < $box->y + $box->h && $other->y + $other->h > $box->y));
    }

    /** @return list<Rect> what it paints, each thing in it by itself */
    private function paintedBy(string $id): array
    {
        $item = $this->tree->item($id);
        if ($this->tree->isHidden($id) || $this->tree->isReference($id)) {
            return [];
        }
        if ($item->kind instanceof PaintsNothing) {
            return array_merge(...array_map(fn (Item $child): array => $this->paintedBy($child->id), $this->tree->children($id)), ...[[]]);
        }

        return isset($this->painted[$id]) ? [$this->painted[$id]] : [];
    }
}
