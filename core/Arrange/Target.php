<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Rect;

/** What something is aligned to or spaced within: a box of the sheet (a guide is one of no size along its axis), and its name in a sentence. */
final readonly class Target
{
    public function __construct(public Rect $box, public string $name)
    {
    }
}
