<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Draft;

/** Takes what holds items apart; they stay where they are on the sheet, in its place from back to front. */
final class Apart
{
    /** @return list<string> what was in it; what it hid by being hidden stays hidden */
    public static function take(Draft $draft, Item $group): array
    {
        $children = array_map(static fn (Item $item): string => $item->id, $draft->tree->children($group->id));
        $siblings = array_map(static fn (Item $item): string => $item->id, $draft->tree->children($group->parent));
        $rehousing = new Reparenting($draft);
        foreach ($children as $id) {
            $rehousing->move($id, $group->parent, $draft->item($id)->rank);
            $child = $draft->item($id);
            $draft->put($child->with(['hidden' => $child->hidden || $group->hidden]));
        }
        $draft->remove($group->id);
        (new Ranks($draft))->insert($group->parent, (int) array_search($group->id, $siblings, true), $children);

        return $children;
    }
}
