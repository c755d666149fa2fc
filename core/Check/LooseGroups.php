<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\MasksOthers;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Sheet\Words;

/** Groups whose parts stand further apart than they do from others: what belongs together stands closer than what does not. */
final class LooseGroups implements Check
{
    public function about(): About
    {
        return new About('loose-group', 'Groups that fall apart');
    }

    public function find(Looked $at): iterable
    {
        $gaps = [];
        foreach ($at->ledger()->gaps as $gap) {
            foreach ([[$gap->a, $gap->b], [$gap->b, $gap->a]] as [$id, $other]) {
                if ($at->tree->item($id)->isFramedByItems() && $gap->size < ($gaps[$id][$gap->axis->value][0] ?? INF)) {
                    $gaps[$id][$gap->axis->value] = [$gap->size, $other];
                }
            }
        }
        foreach ($at->plan->placed as $one) {
            $group = $at->tree->item($one->id);
            if (! $group->isFramedByItems() || ! $group->holdsItems() || $group->kind instanceof ShowsAsOne || $group->kind instanceof MasksOthers || $one->isTurned || $group->keepsNumbers()) {
                continue;
            }
            foreach (Axis::cases() as $axis) {
                [$outside, $other] = $gaps[$group->id][$axis->value] ?? [INF, null];
                $within = $other === null ? null : $this->widest($at, $group, $axis);
                // What is not seen as nearer is nearer by a hair only.
                if ($within === null || $other === null || $outside <= 0.0 || $within <= $outside + 1.0) {
                    continue;
                }
                $to = max(1.0, floor($outside / 2));
                $children = array_map(static fn (Item $child): string => $child->id, array_filter($at->tree->children($group->id), static fn (Item $child): bool => ! $child->hidden));
                yield new Finding(
                    'loose-group', [$group->id, $other], $one->box,
                    sprintf('The parts of %s stand further apart than it does from %s', Words::quoted($group), Words::quoted($at->tree->item($other))),
                    sprintf('%s within it, %s to the next: what belongs together stands closer.', Spoken::withUnit($within), Spoken::withUnit($outside)),
                    $within, $outside, [new Fix('set-gap', array_values($children), ['axis' => $axis->value, 'gap' => $to])], $axis->value,
                );
            }
        }
    }

    /** @return float|null px: the widest gap right across it, at which it falls in two; null where there is none */
    private function widest(Looked $at, Item $group, Axis $axis): ?float
    {
        $spans = [];
        foreach ($at->tree->children($group->id) as $child) {
            if (isset($at->place[$child->id])) {
                $box = $at->placed($child->id)->box;
                $spans[] = [$axis->lead($box), $axis->trail($box)];
            }
        }
        sort($spans);
        $widest = null;
        $end = $spans[0][1] ?? 0.0;
        foreach (array_slice($spans, 1) as [$from, $to]) {
            $widest = $from > $end ? max($widest ?? 0.0, $from - $end) : $widest;
            $end = max($end, $to);
        }

        return $widest;
    }
}
