<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Item;
use AllSquare\Core\Sheet\Tree;

/** Finds what something lies on. */
final readonly class Ground
{
    public function __construct(private Tree $tree, private Boxes $boxes)
    {
    }

    /**
     * The smallest visible item beneath all of these that contains their box and is neither around nor inside any of them.
     *
     * @param  non-empty-list<string>  $ids
     * @return Item|null null for the sheet itself
     */
    public function of(array $ids, Rect $box): ?Item
    {
        $order = array_flip($this->tree->inOrder());
        $lowest = min(array_map(static fn (string $id): int => $order[$id], $ids));
        $found = null;
        $smallest = INF;
        foreach (array_slice(array_keys($order), 0, $lowest) as $candidate) {
            if ($this->tree->isHidden($candidate) || $this->isRelated($candidate, $ids) || $this->boxes->isEmptyGroup($candidate)) {
                continue;
            }
            $bounds = $this->boxes->bounds($candidate);
            if ($bounds->contains($box) && $bounds->area() <= $smallest) {
                [$found, $smallest] = [$this->tree->item($candidate), $bounds->area()];
            }
        }

        return $found;
    }

    /** @param  list<string>  $ids */
    private function isRelated(string $candidate, array $ids): bool
    {
        foreach ($ids as $id) {
            if ($candidate === $id || $this->tree->isWithin($id, $candidate) || $this->tree->isWithin($candidate, $id)) {
                return true;
            }
        }

        return false;
    }
}
