<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Item;
use AllSquare\Core\Sheet\Tree;

/**
 * Finds what something lies on. It looks at the whole sheet once, when it is made, and answers for that moment.
 *
 * In painting order everything has a place, and a branch ends with the last thing in it: what ends before
 * something begins lies beneath it and is neither around it nor inside it.
 */
final class Ground
{
    /** @var list<array{item: Item, box: Rect, ends: int}> what can be a ground, back to front of where it begins */
    private array $candidates = [];

    /** @var array<string, int> */
    private array $begins = [];

    public function __construct(private readonly Tree $tree, private readonly Boxes $boxes)
    {
        $this->walk(null, Matrix::identity(), true);
        usort($this->candidates, fn (array $a, array $b): int => $this->begins[$a['item']->id] <=> $this->begins[$b['item']->id]);
    }

    /**
     * The smallest visible item beneath all of these that contains their box and is neither around nor inside any of them.
     *
     * @param  non-empty-list<string>  $ids
     * @return Item|null null for the sheet itself
     */
    public function of(array $ids, Rect $box): ?Item
    {
        $lowest = min(array_map(fn (string $id): int => $this->begins[$id], $ids));
        $found = null;
        $smallest = INF;
        foreach ($this->candidates as ['item' => $item, 'box' => $bounds, 'ends' => $ends]) {
            if ($ends < $lowest && $bounds->contains($box) && $bounds->area() <= $smallest) {
                [$found, $smallest] = [$item, $bounds->area()];
            }
        }

        return $found;
    }

    /** @return Rect|null the box round what is shown there, on the sheet */
    private function walk(?string $parent, Matrix $toSheet, bool $shown): ?Rect
    {
        $boxes = [];
        foreach ($this->tree->children($parent) as $item) {
            $this->begins[$item->id] = count($this->begins);
            $isShown = $shown && ! $item->hidden;
            $box = $item->kind->holdsItems()
                ? $this->walk($item->id, $toSheet->after($item->toParent()), $isShown)
                : $this->boxes->boundsIn($item, $toSheet);
            if ($isShown && $box !== null) {
                $this->candidates[] = ['item' => $item, 'box' => $box, 'ends' => count($this->begins) - 1];
                $boxes[] = $box;
            }
        }

        return Rect::unionOf($boxes);
    }
}
