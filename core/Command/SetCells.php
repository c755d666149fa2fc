<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\TableEdit;
use AllSquare\Core\Text\Setting\StyledText;

/** Writes into the cells of a table, from one on. Where the table ends before what is written, columns and rows are added that are as the last ones. */
final readonly class SetCells implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-cells';
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
        $words = $this->words();
        $this->checkBegin($parts, $row, $column);
        $changed = TableEdit::write($table, $row, $column, $words);
        $parts->put($changed);
        [$more, $wider] = [count($changed->rows) - count($table->rows), count($changed->columns) - count($table->columns)];
        $added = array_filter([$more > 0 ? "$more ".TableParts::noun(Axis::Y, $more) : '', $wider > 0 ? "$wider ".TableParts::noun(Axis::X, $wider) : '']);
        $count = array_sum(array_map(count(...), $words));

        return new Report(
            $count === 1
                ? sprintf('Wrote "%s" into row %d, column %d of %s', Naming::line($words[0][0]), $row + 1, $column + 1, Words::quoted($parts->item))
                : sprintf('Wrote %d cells of %s, from row %d, column %d on', $count, Words::quoted($parts->item), $row + 1, $column + 1)
                    .($added === [] ? '' : '; '.implode(' and ', $added).($more + $wider === 1 ? ' was added' : ' were added')),
            $selected->ids,
        );
    }

    /** @return non-empty-list<non-empty-list<string>> */
    private function words(): array
    {
        $given = $this->params->value('words');
        $words = [];
        foreach (is_array($given) ? $given : [] as $line) {
            $row = array_map(static fn (mixed $text): string => StyledText::normal(is_string($text) ? $text : ''), is_array($line) ? array_values($line) : []);
            if ($row !== []) {
                $words[] = $row;
            }
        }

        return $words === [] ? throw Refusal::because('There is nothing to be written.', 'words') : $words;
    }

    /** One row and one column behind the last may be begun. */
    private function checkBegin(TableParts $parts, int $row, int $column): void
    {
        $table = $parts->table();
        if ($row > count($table->rows) || $column > count($table->columns)) {
            $parts->check($row, $column, $row > count($table->rows) ? 'row' : 'column');
        }
    }
}
