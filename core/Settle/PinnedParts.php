<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Arrange\PinFit;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Draft;

/** What lies in a tray follows by its pins when the tray is sized, outer trays before those that lie in them. */
final class PinnedParts implements Settler
{
    public function settle(Draft $draft): void
    {
        $trays = [];
        foreach ($draft->change()->items as $id => [$was, $is]) {
            if ($was !== null && $is !== null && $this->pins($is) && ! ($was->frame->w === $is->frame->w && $was->frame->h === $is->frame->h)) {
                $trays[$id] = count($draft->tree->ancestors($id));
            }
        }
        asort($trays);
        $done = [];
        foreach (array_map(strval(...), array_keys($trays)) as $id) {
            $this->follow($draft, $id, $done);
        }
    }

    /** @param  array<string, true>  $done  trays whose things have followed */
    private function follow(Draft $draft, string $id, array &$done): void
    {
        if (isset($done[$id])) {
            return;
        }
        $done[$id] = true;
        $before = $draft->before();
        $fit = new PinFit($draft);
        foreach ($draft->tree->children($id) as $child) {
            // What was moved by the same command stands where it was put.
            $was = $before->has($child->id) ? $before->item($child->id) : null;
            if ($was === null || $was->parent !== $id || ! $was->frame->same($child->frame)) {
                continue;
            }
            $fit->follow($child, $before->item($id)->frame, $draft->item($id)->frame);
            $now = $draft->item($child->id);
            if ($this->pins($now) && ! ($now->frame->w === $was->frame->w && $now->frame->h === $was->frame->h)) {
                $this->follow($draft, $child->id, $done);
            }
        }
    }

    /** Whether what lies in it follows by pins: in a frame of its own, and no rail. */
    private function pins(Item $item): bool
    {
        return $item->holdsItems() && ! $item->isFramedByItems() && $item->rail() === null;
    }
}
