<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Tree;

/** What of a change only lies elsewhere: what it paints need not be reckoned again. */
final class Moved
{
    /**
     * @return array<string, Point> px of the sheet that things moved, by id, with all that is in them; what stands askew is left out
     */
    public static function of(Change $change, Tree $before, Tree $after): array
    {
        $moved = [];
        foreach ($change->items as $id => [$was, $is]) {
            if ($was === null || $is === null || ! self::isElsewhereOnly($was, $is)) {
                continue;
            }
            [$from, $to] = [$before->toSheet($was->parent), $after->toSheet($is->parent)];
            $inside = $is->holdsItems() ? $after->descendants($is->id) : [];
            if (! self::isUpright($from) || ! self::isUpright($to) || array_filter($inside, static fn (Item $one): bool => isset($change->items[$one->id])) !== []) {
                continue;
            }
            $by = new Point($to->dx + $is->frame->x - $from->dx - $was->frame->x, $to->dy + $is->frame->y - $from->dy - $was->frame->y);
            foreach ([$is, ...$inside] as $one) {
                $moved[$one->id] = $by;
            }
        }

        return $moved;
    }

    private static function isUpright(Matrix $space): bool
    {
        return $space->angle === 0.0;
    }

    private static function isElsewhereOnly(Item $was, Item $is): bool
    {
        return $was->frame->w === $is->frame->w && $was->frame->h === $is->frame->h && $was->isFramedElsewhere($is);
    }
}
