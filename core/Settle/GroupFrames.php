<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Item\Traits\GoesWhenEmpty;
use AllSquare\Core\Sheet\Draft;

/** Every group that something in the change lies or lay in gets the frame of its children, the innermost first; empty ones go. */
final class GroupFrames implements Settler
{
    public function settle(Draft $draft): void
    {
        $depths = [];
        $before = $draft->before();
        foreach ($draft->change()->items as $id => [$was, $is]) {
            foreach ([...($was === null ? [] : $before->ancestors($id)), ...($is === null ? [] : [$is, ...$draft->tree->ancestors($id)])] as $group) {
                if ($group->isFramedByItems() && $draft->tree->has($group->id)) {
                    $depths[$group->id] = count($draft->tree->ancestors($group->id));
                }
            }
        }
        arsort($depths);
        $fit = new GroupFit($draft);
        foreach (array_keys($depths) as $id) {
            if ($draft->tree->children($id) === [] && $draft->item($id)->kind instanceof GoesWhenEmpty) {
                $draft->remove($id);
            } else {
                $fit->fit($id);
            }
        }
    }
}
