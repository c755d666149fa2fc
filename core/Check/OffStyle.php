<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Sheet\Words;

/** Texts that are of a style and set otherwise than it. */
final class OffStyle implements Check
{
    public function about(): About
    {
        return new About('off-style', 'Differing from their style');
    }

    public function find(Looked $at): iterable
    {
        $styles = $at->styles();
        foreach ($styles === [] ? [] : Texts::of($at) as $item) {
            foreach ($styles as $style) {
                if ($style->isOf($item) && ! $style->isHow($item)) {
                    yield new Finding(
                        'off-style', [$item->id], $at->placed($item->id)->box,
                        sprintf('%s differs from its style', Words::quoted($item)), sprintf('It is of "%s", and set otherwise.', $style->name),
                        null, null, [new Fix('use-style', [$item->id], ['style' => $style->id])],
                    );
                }
            }
        }
    }
}
