<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;

/** A kind of which some fields follow when others are set, such as the runs of a text when its words are. */
interface FieldsFollow
{
    /** @param  array<string, mixed>  $given  fields as the kind keeps them, by name */
    public function withFields(Item $item, array $given): Item;
}
