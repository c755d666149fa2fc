<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Sheet\Words;

/** Distances from things to the edges of what they lie on that would be others if everything lay as it was meant to. */
final class UnevenInsets implements Check
{
    public function about(): About
    {
        return new About('odd-inset', 'Unequal insets', isPlain: true);
    }

    public function find(Looked $at): iterable
    {
        $said = [];
        foreach ($at->ledger()->insets as $inset) {
            // As much less on one side as more on the other is one thing.
            $moves = $inset->expected === null ? 0.0 : Length::round(abs($inset->expected - $inset->size));
            if ($inset->expected === null || $inset->ground === null || Length::same($said["$inset->item {$inset->side->axis()->value}"] ?? 0.0, $moves)) {
                continue;
            }
            $said["$inset->item {$inset->side->axis()->value}"] = $moves;
            yield new Finding(
                'odd-inset', [$inset->item, $inset->ground], $at->placed($inset->item)->box,
                sprintf('%s lies %s from the %s of %s', Words::quoted($at->tree->item($inset->item)), Spoken::withUnit($inset->size), $inset->side->value, Words::quoted($at->tree->item($inset->ground))),
                sprintf('It would be %s, as on the other sides or in others like it.', Spoken::withUnit($inset->expected)),
                $inset->size, $inset->expected, [new Fix('mend-gaps', [], ['gaps' => [['item' => $inset->item, 'side' => $inset->side->value]]])], $inset->side->value,
            );
        }
    }
}
