<?php

declare(strict_types=1);

namespace AllSquare\Core\Running\Traits;

/** A command that only places and sizes boxes, so that slices can be arranged by it as items are. */
interface ArrangesBoxes
{
}
