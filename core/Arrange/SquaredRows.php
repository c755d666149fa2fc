<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

/** The rows and columns that were found, and the gaps they were given, px. */
final readonly class SquaredRows
{
    /**
     * @param  list<int>  $rows  how many lie in each
     * @param  list<int>  $columns
     * @param  list<float>  $across  gaps between the columns
     * @param  list<float>  $down  gaps between the rows
     */
    public function __construct(public array $rows, public array $columns, public array $across, public array $down)
    {
    }

    /** "2 rows of 3", "3 rows of 3, 3 and 2" */
    public function words(): string
    {
        $counts = array_map(strval(...), $this->rows);
        $last = (string) array_pop($counts);
        $of = count(array_unique($this->rows)) === 1 || $counts === [] ? $last : implode(', ', $counts)." and $last";

        return count($this->rows).(count($this->rows) === 1 ? ' row of ' : ' rows of ').$of;
    }
}
