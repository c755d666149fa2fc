<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\TableEdit;

/** Moves columns or rows of a table to another place in it. */
final readonly class MoveTracks implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'move-tracks';
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
        $axis = Axis::from($this->params->word('axis') ?? 'x');
        $from = $this->params->count('from') ?? 0;
        $count = $this->params->count('count') ?? 1;
        $tracks = $parts->tracks($axis, range($from, $from + $count - 1), 'from');
        $to = min($this->params->count('to') ?? 0, TableParts::count($table, $axis) - $count);
        $parts->put(TableEdit::move($table, $axis, $from, $count, $to));

        return new Report(sprintf('Moved %s of %s to place %d', TableParts::said($axis, $tracks), Words::quoted($parts->item), $to + 1), $selected->ids);
    }
}
