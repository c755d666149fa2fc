<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Tree;

/** What stands for the same thing in the other members of a series, so that an edit of one's look goes to all. */
final readonly class Counterparts
{
    public function __construct(private Tree $tree)
    {
    }

    /** @return list<string> ids, without the item's own; none for what is in no series */
    public function of(string $id): array
    {
        $path = [];
        for ($item = $this->tree->item($id); $item->parent !== null; $item = $this->tree->item($item->parent)) {
            $siblings = $this->tree->children($item->parent);
            $at = (int) array_search($item->id, array_map(static fn (Item $sibling): string => $sibling->id, $siblings), true);
            $group = $this->tree->item($item->parent);
            if (Layouts::isSeries($group)) {
                return $this->along($path, Layouts::of($group, count($siblings)), $siblings, $at, $id);
            }
            array_unshift($path, $at);
        }

        return [];
    }

    /**
     * @param  list<int>  $path  places among siblings, from the member inwards
     * @param  list<Item>  $members
     * @param  int  $place  of the member that the item is in
     * @return list<string>
     */
    private function along(array $path, Layout $layout, array $members, int $place, string $id): array
    {
        $kind = $this->tree->item($id)->kind;
        $found = [];
        foreach ($members as $at => $member) {
            if ($at === $place || $layout->originalAt($at) !== $layout->originalAt($place)) {
                continue;
            }
            foreach ($path as $step) {
                $member = $member === null ? null : ($this->tree->children($member->id)[$step] ?? null);
            }
            if ($member?->kind === $kind) {
                $found[] = $member->id;
            }
        }

        return $found;
    }
}
