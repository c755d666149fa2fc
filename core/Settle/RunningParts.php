<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Twin;
use AllSquare\Core\Sheet\Draft;

/** What comes into a running head or foot runs on with it, what is taken out of it does no more; the foot rides on the bottom edge. */
final class RunningParts implements Settler
{
    public function settle(Draft $draft): void
    {
        $this->ride($draft);
        foreach ($draft->change()->items as $id => [$was, $is]) {
            if ($is !== null && $draft->tree->has($id)) {
                // On the sheet itself it would run on by itself.
                if ($was !== null && $was->parent !== null && $is->parent === null && ($is->twin()?->runs() ?? false)) {
                    $draft->put($is->withFields(['twin' => null]));
                }
                $this->belong($draft, $draft->item($id));
            }
        }
    }

    private function belong(Draft $draft, Item $item): void
    {
        $outer = $item->parent === null ? null : $draft->item($item->parent)->twin();
        if ($outer !== null && $outer->runs() && $item->twin()?->zone !== $outer->zone) {
            $draft->put($item->withFields(['twin' => new Twin($draft->nextId(), $outer->zone)]));
        } elseif (! ($outer?->runs() ?? false) && ($item->twin()?->runs() ?? false) && $item->parent !== null) {
            $draft->put($item->withFields(['twin' => null]));
        }
        foreach ($draft->tree->children($item->id) as $child) {
            $this->belong($draft, $child);
        }
    }

    private function ride(Draft $draft): void
    {
        $sheet = $draft->change()->sheet;
        $by = $sheet === null ? 0.0 : Length::round(Axis::Y->size($sheet[1]->box()) - Axis::Y->size($sheet[0]->box()));
        foreach ($by === 0.0 ? [] : $draft->tree->children(null) as $item) {
            if ($item->twin()?->zone === 'foot') {
                $draft->put($item->inFrame(new Rect($item->frame->x, Length::round($item->frame->y + $by), $item->frame->w, $item->frame->h)));
            }
        }
    }
}
