<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Sheet\Words;

/** What reaches a little past the edge of the sheet or of its tray, and words that do at all. */
final class SticksOut implements Check
{
    public function about(): About
    {
        return new About('sticks-out', 'Sticking out', limit: new Limit('by at most', 12.0, 0.5, 200.0, 'px'));
    }

    /** px: letters reach over an edge by a hair without being cut off to the eye */
    private const TOUCHES = 0.5;

    public function find(Looked $at): iterable
    {
        $limit = $at->limit($this);
        foreach ($at->plan->placed as $one) {
            $item = $at->tree->item($one->id);
            $holder = $one->parent === null ? null : $at->tree->item($one->parent);
            $isOnSheet = $holder === null;
            if ($one->locked || $one->isTurned || (! $isOnSheet && ($holder->isFramedByItems() || $at->isRegular($one->id)))) {
                continue;
            }
            $around = $isOnSheet ? $at->sheet->box() : $at->placed($holder->id)->box;
            $box = $item->kind instanceof HasWords ? $at->ink($one->id) : $one->box;
            if (! $around->meets($box)) {
                continue;
            }
            foreach (Side::cases() as $side) {
                $past = Length::round($side->outside($around, $side->of($box)));
                // Pictures and grounds that reach far past an edge bleed off it on purpose.
                if ($past <= self::TOUCHES || ($past > $limit && ! $item->kind instanceof HasWords)) {
                    continue;
                }
                $by = $side->isLeading() ? ceil($past) : -ceil($past);
                $isAcross = $side->axis() === Axis::X;
                yield new Finding(
                    'sticks-out', [$one->id], $box,
                    sprintf('%s reaches %s past the %s of %s', Words::quoted($item), Spoken::withUnit($past), $side->value, $isOnSheet ? 'the sheet' : Words::quoted($holder)),
                    'What bleeds on purpose reaches further.', $past, 0.0, [new Fix('move-by', [$one->id], $isAcross ? ['dx' => $by, 'dy' => 0] : ['dx' => 0, 'dy' => $by])], $side->value,
                );
            }
        }
    }
}
