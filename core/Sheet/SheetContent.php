<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Item;

/** A sheet with what is on it: all of it, or what was asked for. */
final readonly class SheetContent
{
    public Belongings $belongings;

    /**
     * @param  iterable<Item>  $items
     * @param  iterable<Belonging>  $belongings  of any sorts
     */
    public function __construct(public Sheet $sheet, public iterable $items = [], iterable $belongings = [])
    {
        $this->belongings = new Belongings($belongings);
    }
}
