<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Sheet\Words;

/** Pictures that are painted larger than they are. */
final class EnlargedPictures implements Check
{
    public function about(): About
    {
        return new About('enlarged', 'Pictures above their pixels');
    }

    /** times its pixels up to which a picture counts as not enlarged */
    private const SHARP = 1.0005;

    public function find(Looked $at): iterable
    {
        foreach ($at->leaves() as $item) {
            $is = $item->kind instanceof HasPicture ? $item->kind->magnification($item) : 0.0;
            if ($is <= self::SHARP) {
                continue;
            }
            $placed = $at->placed($item->id);
            [$w, $h] = [max(1.0, floor($item->frame->w / $is)), max(1.0, floor($item->frame->h / $is))];
            yield new Finding(
                'enlarged', [$item->id], $placed->box,
                sprintf('%s is painted at %s %% of its pixels', Words::quoted($item), Length::digits($is * 100, 0)),
                sprintf('From %s × %s down it is sharp.', Spoken::length($w), Spoken::length($h)),
                Length::round($is), 1.0, [new Fix('place', [$item->id], ['w' => $w, 'h' => $h, 'ref' => 'centre'])],
            );
        }
    }
}
