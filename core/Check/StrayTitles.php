<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Sheet\Words;

/** Titles that stand nearer to what comes before them than to the text that they are of. */
final class StrayTitles implements Check
{
    public function about(): About
    {
        return new About('stray-title', 'Titles away from their text');
    }

    /** times the size of what it stands above */
    private const LARGER = 1.15;

    public function find(Looked $at): iterable
    {
        $below = Texts::below($at);
        $above = [];
        foreach ($below as $upper => [$lower, $gap]) {
            $above[$lower] = [(string) $upper, $gap];
        }
        foreach ($below as $title => [$own, $under]) {
            $item = $at->tree->item((string) $title);
            [$before, $over] = $above[$title] ?? [null, 0.0];
            // A title is made of words, and larger than what comes under it and than what stands before it.
            if ($before === null || preg_match('/\p{L}{2}/u', $item->kind instanceof HasWords ? $item->kind->words($item) : '') !== 1 || $item->number('size') < self::LARGER * $at->tree->item($own)->number('size') || $item->number('size') < self::LARGER * $at->tree->item($before)->number('size') || $over >= $under || ! $this->isOfAnother($at, $before, $above[$before][1] ?? INF, $over)) {
                continue;
            }
            $to = floor($over / 2);
            yield new Finding(
                'stray-title', [$item->id, $own], $at->placed($item->id)->box,
                sprintf('%s stands nearer to the text above it than to its own', Words::quoted($item)),
                sprintf('%s above, %s below.', Spoken::withUnit($over), Spoken::withUnit($under)),
                $under, $over, [new Fix('set-clearance', [$item->id], ['side' => 'bottom', 'value' => $to])],
            );
        }
    }

    /** Whether what stands before a title is of another one; a short line alone above a title is the title's own. */
    private function isOfAnother(Looked $at, string $before, float $above, float $below): bool
    {
        $item = $at->tree->item($before);

        return $above < $below || ($item->kind instanceof SetsLines && count($item->kind->lines($item, $at->fonts)) > 1);
    }
}
