<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Text\FontLibrary;

/** A kind whose frame follows what is in an item: its words, or its points. */
interface FitsItsFrame
{
    /**
     * The item with the frame that it needs.
     *
     * @param  bool  $whole  whether sizes are brought to whole pixels, where they follow words
     */
    public function fitted(Item $item, bool $whole, FontLibrary $fonts): Item;

    /**
     * An item that was sized by hand; not fitted yet.
     *
     * @param  bool  $exact  whether the frame is part of a larger whole that was sized, and has to be just this
     */
    public function sized(Item $was, Item $is, bool $exact, FontLibrary $fonts): Item;

    /**
     * A new item in the frame that was drawn for it; not fitted yet.
     *
     * @param  array<string, mixed>  $given  the fields that were given with it, as it keeps them
     */
    public function drawn(Item $item, Rect $frame, array $given): Item;
}
