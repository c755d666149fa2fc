<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind whose frame follows what it says, as far as each item grows. */
interface FollowsItsWords extends FitsItsFrame
{
    /**
     * The edge by which it stands while its width follows its words.
     *
     * @param  array<string, mixed>  $fields  of an item of this kind
     * @return float|null 0 for the left one, 0.5 for the centre, 1 for the right one; null where the width is its own
     */
    public function standsBy(array $fields): ?float;
}
