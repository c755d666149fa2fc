<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Geometry\Rect;

/** A cell where it lies in its table, with its lines. */
final readonly class PlacedCell
{
    /**
     * @param  Rect  $box  px from the table's top left
     * @param  list<CellLine>  $lines
     * @param  list<float>  $lefts  px where each line begins
     * @param  float  $baseline  px of the first line's
     * @param  float  $leading  px from each line's to the next
     */
    public function __construct(public int $row, public int $column, public Rect $box, public CellStyle $style, public array $lines, public array $lefts, public float $baseline, public float $leading)
    {
    }
}
