<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\TableEdit;

/** Lets one cell go across several, or no more across any. What lies beneath keeps its words. */
final readonly class SpanCells implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'span-cells';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $parts = TableParts::of($draft, $selected->free);
        $table = $parts->table();
        [$row, $column] = [$this->params->count('row') ?? 0, $this->params->count('column') ?? 0];
        [$rows, $columns] = [$this->params->count('rows') ?? 1, $this->params->count('columns') ?? 1];
        $parts->check($row, $column, 'row');
        $parts->check($row + $rows - 1, $column + $columns - 1, 'rows');
        $parts->put(TableEdit::spanned($table, $row, $column, $rows, $columns));
        $where = sprintf('row %d, column %d of %s', $row + 1, $column + 1, Words::quoted($parts->item));

        return new Report($rows * $columns === 1 ? "Ended what goes across at $where" : sprintf('Let the cell in %s go across %s', $where, implode(' and ', array_filter([$columns > 1 ? "$columns columns" : '', $rows > 1 ? "$rows rows" : '']))), $selected->ids);
    }
}
