<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** One of the two directions of the sheet, so that a rule is written once for both. */
enum Axis: string
{
    case X = 'x';
    case Y = 'y';

    public function lead(Rect $box): float
    {
        return $this === self::X ? $box->x : $box->y;
    }

    public function size(Rect $box): float
    {
        return $this === self::X ? $box->w : $box->h;
    }

    public function centre(Rect $box): float
    {
        return $this->lead($box) + $this->size($box) / 2;
    }

    public function trail(Rect $box): float
    {
        return $this->lead($box) + $this->size($box);
    }

    /** The other of the two. */
    public function across(): self
    {
        return $this === self::X ? self::Y : self::X;
    }

    public function word(): string
    {
        return $this === self::X ? 'across' : 'down';
    }
}
