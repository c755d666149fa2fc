<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Text\FontLibrary;

/** A kind that is made of columns, rows and cells. */
interface HasCells
{
    public function table(Item $item): TableData;

    /** With other columns, rows or cells; its frame is not fitted to them yet. */
    public function withTable(Item $item, TableData $table): Item;

    /** Where they lie in its frame. */
    public function layout(Item $item, FontLibrary $fonts): TableLayout;
}
