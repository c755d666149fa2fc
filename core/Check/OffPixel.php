<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Sheet\Words;

/** What has edges between pixels on a sheet of whole ones. */
final class OffPixel implements Check
{
    public function about(): About
    {
        return new About('off-pixel', 'Off the whole pixel', isPlain: true);
    }

    public function find(Looked $at): iterable
    {
        foreach ($at->sheet->wholePixels ? $at->leaves() : [] as $item) {
            $placed = $at->placed($item->id);
            // What follows its words or points has the size that these need; what is turned has no edges on pixels.
            if ($placed->isTurned || $placed->isInexact || $item->kind instanceof FitsItsFrame || $item->isFlat() || $at->isRegular($item->id)) {
                continue;
            }
            $box = $placed->box;
            $sides = ['x' => $box->x, 'y' => $box->y, 'w' => $box->w, 'h' => $box->h];
            $off = array_filter($sides, static fn (float $length): bool => ! Length::isWhole($length));
            if ($off === []) {
                continue;
            }
            $to = ['x' => Length::whole($box->x), 'y' => Length::whole($box->y), 'w' => max(1.0, Length::whole($box->w)), 'h' => max(1.0, Length::whole($box->h))];
            $said = implode(', ', array_map(static fn (string $side, float $length): string => "$side ".Spoken::length($length), array_keys($off), $off));
            $zero = $at->sheet->zero;
            yield new Finding(
                'off-pixel', [$item->id], $box,
                sprintf('%s lies off the pixel', Words::quoted($item)),
                ucfirst("$said.").' Whole pixels are painted sharply.',
                reset($off), $to[array_key_first($off)], [new Fix('place', [$item->id], ['x' => $to['x'] - $zero->x, 'y' => $to['y'] - $zero->y] + array_intersect_key($to, $off))],
            );
        }
    }
}
