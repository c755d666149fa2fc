<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Sheet\Words;

/** Texts of several lines that stand too close to each other to be read with ease. */
final class TightLines implements Check
{
    public function about(): About
    {
        return new About('tight-lines', 'Tight lines', limit: new Limit('line height', 1.5, 0.8, 3.0));
    }

    /** lines, from which on a text is read and not looked at */
    private const LEAST = 4;

    /** px at 96 ppi: larger letters are titles */
    private const LARGEST = 24.0;

    public function find(Looked $at): iterable
    {
        $limit = $at->limit($this);
        foreach (Texts::inLines($at) as $item) {
            $is = $item->number('line_height');
            // So low a text has not so many lines.
            $isLow = $at->placed($item->id)->box->h < (self::LEAST - 0.5) * $item->number('size') * $is;
            if ($isLow || $is >= $limit - 0.0005 || $item->number('size') > self::LARGEST * $at->sheet->ppi / 96 || ! $item->kind instanceof SetsLines || count($item->kind->lines($item, $at->fonts)) < self::LEAST) {
                continue;
            }
            yield new Finding(
                'tight-lines', [$item->id], $at->placed($item->id)->box,
                sprintf('The lines of %s stand tight', Words::quoted($item)),
                sprintf('%s times the size of its letters; %s reads well.', Length::text($is), Length::text($limit)),
                $is, $limit, [new Fix('set', [$item->id], ['line_height' => $limit])],
            );
        }
    }
}
