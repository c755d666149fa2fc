<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\TableEdit;

/** Deletes columns or rows of a table with what is in them. One is always left. */
final readonly class DeleteTracks implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'delete-tracks';
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
        if ($count >= TableParts::count($table, $axis)) {
            throw Refusal::because('One '.TableParts::noun($axis, 1).' has to be left. Delete the table instead.', 'count');
        }
        $parts->put(TableEdit::delete($table, $axis, $from, $count));

        return new Report(sprintf('Deleted %s of %s', TableParts::said($axis, $tracks), Words::quoted($parts->item)), $selected->ids);
    }
}
