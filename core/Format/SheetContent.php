<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Dimension;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\Slice;

/** A sheet with everything on it. */
final readonly class SheetContent
{
    /**
     * @param  list<Item>  $items
     * @param  list<Guide>  $guides
     * @param  list<Dimension>  $dimensions
     * @param  list<Slice>  $slices  in their order
     */
    public function __construct(public Sheet $sheet, public array $items, public array $guides = [], public array $dimensions = [], public array $slices = [])
    {
    }
}
