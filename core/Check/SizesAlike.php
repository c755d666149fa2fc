<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;

/** Sizes of letters that are nearly, and not quite, the same. */
final class SizesAlike implements Check
{
    public function about(): About
    {
        return new About('sizes-alike', 'Sizes too much alike', limit: new Limit('at least times', 1.15, 1.01, 2.0));
    }

    /** px at 96 ppi: up to here so many pixels more are told apart, whatever the ratio */
    private const SMALL = 18.0;

    private const STEP = 2.0;

    public function find(Looked $at): iterable
    {
        $by = [];
        foreach (Texts::of($at) as $item) {
            $by[(string) $item->number('size')][] = $item->id;
        }
        uksort($by, static fn (int|string $a, int|string $b): int => (float) $a <=> (float) $b);
        $sizes = array_map(strval(...), array_keys($by));
        [$limit, $px] = [$at->limit($this), $at->sheet->ppi / 96];
        foreach (array_slice($sizes, 1) as $i => $larger) {
            $smaller = $sizes[$i];
            $ratio = (float) $larger / (float) $smaller;
            // Small letters go by steps of two pixels.
            if ($ratio >= $limit || ((float) $smaller <= self::SMALL * $px && (float) $larger - (float) $smaller >= self::STEP * $px - 0.0005)) {
                continue;
            }
            [$rare, $usual] = count($by[$larger]) <= count($by[$smaller]) ? [$larger, $smaller] : [$smaller, $larger];
            yield new Finding(
                'sizes-alike', $by[$rare], $at->placed($by[$rare][0])->box,
                sprintf('Letters of %s beside letters of %s', Spoken::withUnit((float) $rare), Spoken::withUnit((float) $usual)),
                sprintf('The larger are %s times the smaller; from %s on they are told apart.', Length::text($ratio), Length::text($limit)),
                $ratio, $limit, [new Fix('set', $by[$rare], ['size' => (float) $usual])], "$smaller $larger",
            );
        }
    }
}
