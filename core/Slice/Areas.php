<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Paint\Look;
use AllSquare\Core\Sheet\Item;
use AllSquare\Core\Sheet\Tree;

/** What slices come to on a sheet: the area that each is painted from, and what it takes. */
final readonly class Areas
{
    /** @param  array<string, Rect>  $painted  the box each item paints, by id */
    public function __construct(private Tree $tree, private array $painted)
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
        $boxes = [];
        foreach ($this->leaves($this->taken($slice)) as $id) {
            $box = $this->painted[$id] ?? null;
            $meets = $box !== null && $box->right() > $slice->box->x && $box->x < $slice->box->right() && $box->bottom() > $slice->box->y && $box->y < $slice->box->bottom();
            if ($box !== null && ($slice->cut->only || $meets)) {
                $boxes[] = $box;
            }
        }

        return $boxes;
    }

    /**
     * @param  list<string>|null  $ids  null for all
     * @return list<string> the visible items among them, or in them, that paint
     */
    private function leaves(?array $ids): array
    {
        $all = $ids === null ? array_map(strval(...), array_keys($this->tree->all())) : array_merge(...array_map(fn (string $id): array => [
            $id, ...array_map(static fn ($item): string => $item->id, $this->tree->descendants($id)),
        ], $ids), ...[[]]);

        return array_values(array_filter($all, fn (string $id): bool => self::paints($this->tree->item($id)) && ! $this->tree->isHidden($id) && ! $this->tree->isReference($id)));
    }

    private static function paints(Item $item): bool
    {
        return ! $item->kind->holdsItems() && ! Look::paintsNothing($item) && ($item->kind->name() !== 'text' || trim($item->word('text')) !== '');
    }
}
