<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Arrange\RailFit;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\GoesWhenEmpty;
use AllSquare\Core\Sheet\Draft;

/**
 * What something in the change lies or lay in follows it, the innermost first: a group gets the frame of its children, and goes when it
 * has none; a rail lays out what lies in it anew, with the rails that lie in it.
 */
final class GroupFrames implements Settler
{
    public function settle(Draft $draft): void
    {
        $depths = [];
        $before = $draft->before();
        foreach ($draft->change()->items as $id => [$was, $is]) {
            foreach ([...($was === null ? [] : $before->ancestors($id)), ...($is === null ? [] : [$is, ...$draft->tree->ancestors($id)])] as $held) {
                $depths += $this->following($draft, $held);
            }
        }
        arsort($depths);
        [$groups, $rails] = [new GroupFit($draft), new RailFit($draft)];
        foreach (array_map(strval(...), array_keys($depths)) as $id) {
            if ($draft->item($id)->rail() !== null) {
                $rails->fit($id);
            } elseif ($draft->tree->children($id) === [] && $draft->item($id)->kind instanceof GoesWhenEmpty) {
                $draft->remove($id);
            } else {
                $groups->fit($id);
            }
        }
    }

    /** @return array<string, int> how deep it lies, by id: of a rail the outermost that it is laid out with */
    private function following(Draft $draft, Item $item): array
    {
        if (! $draft->tree->has($item->id)) {
            return [];
        }
        $item = $draft->item($item->id);
        while ($item->rail() !== null && $item->angle === 0.0 && $item->parent !== null && $draft->item($item->parent)->rail() !== null) {
            $item = $draft->item($item->parent);
        }

        return $item->isFramedByItems() || $item->rail() !== null ? [$item->id => count($draft->tree->ancestors($item->id))] : [];
    }
}
