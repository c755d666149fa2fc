<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Sheet\Words;

/** Gaps that would be of another size if everything lay as it was meant to (RULES 6 and 14). */
final class UnevenGaps implements Check
{
    public function about(): About
    {
        return new About('odd-gap', 'Odd gaps', isPlain: true);
    }

    public function find(Looked $at): iterable
    {
        $ledger = $at->ledger();
        $counts = [];
        foreach ($ledger->gaps as $gap) {
            $counts["{$gap->axis->value} {$gap->thousandths()}"] = ($counts["{$gap->axis->value} {$gap->thousandths()}"] ?? 0) + 1;
        }
        foreach ($ledger->gaps as $gap) {
            if ($gap->expected === null) {
                continue;
            }
            $times = $counts["{$gap->axis->value} ".(int) round($gap->expected * 1000)] ?? 0;
            $place = $gap->axis === Axis::X ? Rect::between($gap->from, $gap->across[0], $gap->to, $gap->across[1]) : Rect::between($gap->across[0], $gap->from, $gap->across[1], $gap->to);
            yield new Finding(
                'odd-gap', [$gap->a, $gap->b], $place,
                sprintf('%s between %s and %s', Spoken::withUnit($gap->size), Words::quoted($at->tree->item($gap->a)), Words::quoted($at->tree->item($gap->b))),
                ($times > 0 ? sprintf('%s occurs %s on this sheet.', Spoken::withUnit($gap->expected), $times === 1 ? 'once' : "$times times") : sprintf('It would be %s.', Spoken::withUnit($gap->expected))),
                $gap->size, $gap->expected, [new Fix('mend-gaps', [], ['gaps' => [['axis' => $gap->axis->value, 'a' => $gap->a, 'b' => $gap->b]]])], $gap->axis->value,
            );
        }
    }
}
