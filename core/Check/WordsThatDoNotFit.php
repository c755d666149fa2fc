<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Sheet\Words;

/** Texts in frames that are too small for them. */
final class WordsThatDoNotFit implements Check
{
    public function about(): About
    {
        return new About('overflow', 'Words that do not fit');
    }

    public function find(Looked $at): iterable
    {
        foreach (Texts::inLines($at) as $item) {
            $over = $item->kind instanceof SetsLines ? $item->kind->overflow($item, $at->fonts) : null;
            if ($over === null) {
                continue;
            }
            yield new Finding(
                'overflow', [$item->id], $at->placed($item->id)->box,
                sprintf('%s has no room for all of its words', Words::quoted($item)),
                sprintf('%d %s reach past its frame. The largest size that fits is taken.', $over['lines'], $over['lines'] === 1 ? 'line' : 'lines'),
                (float) $over['lines'], 0.0, [new Fix('fit-text', [$item->id], [])],
            );
        }
    }
}
