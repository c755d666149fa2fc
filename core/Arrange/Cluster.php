<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;

/** A thing with what lies on it and in it: they go together. */
final class Cluster
{
    /** @var list<Cluster> what lies on it */
    public array $on = [];

    /** @var list<Cluster> what lies in it and is laid out with it */
    public array $held = [];

    /** @param  Rect  $box  on the sheet, as it was */
    public function __construct(public readonly Item $item, public readonly Rect $box)
    {
    }
}
