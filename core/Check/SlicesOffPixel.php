<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;

/** Slices that would be cut between pixels. */
final class SlicesOffPixel implements Check
{
    public function about(): About
    {
        return new About('slice-off-pixel', 'Slices off the pixel', isPlain: true);
    }

    public function find(Looked $at): iterable
    {
        foreach ($at->slices() as $slice) {
            $off = array_filter($slice->box->toArray(), static fn (float $length): bool => ! Length::isWhole($length));
            if ($off === []) {
                continue;
            }
            $said = implode(', ', array_map(static fn (string $side, float $length): string => "$side ".Spoken::length($length), array_keys($off), $off));
            yield new Finding(
                'slice-off-pixel', [], $slice->box, sprintf('The slice "%s" lies off the pixel', $slice->name), ucfirst("$said. It is put on the nearest ones."),
                reset($off), Length::whole(reset($off)), [new Fix('whole-slices', [], ['slices' => [$slice->id], 'towards' => 'nearest'])], $slice->id,
            );
        }
    }
}
