<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Text\FontLibrary;

/** A kind whose frame follows what it says, as far as each item grows. */
interface FollowsItsWords
{
    /**
     * The item with the frame its words need.
     *
     * @param  bool  $whole  whether sizes are brought to whole pixels
     */
    public function fitted(Item $item, bool $whole, FontLibrary $fonts): Item;

    /**
     * An item that was sized by hand, and follows its words that way no longer; not fitted yet.
     *
     * @param  bool  $exact  whether the frame is part of a larger whole that was sized, and has to be just this
     */
    public function sized(Item $was, Item $is, bool $exact): Item;

    /**
     * The edge by which it stands while its width follows its words.
     *
     * @param  array<string, mixed>  $fields  of an item of this kind
     * @return float|null 0 for the left one, 0.5 for the centre, 1 for the right one; null where the width is its own
     */
    public function standsBy(array $fields): ?float;

    /** A new item in the frame that was drawn for it, with what that says about how it grows; not fitted yet. */
    public function drawn(Item $item, Rect $frame): Item;
}
