<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\TableEdit;

/** Puts columns or rows into a table, as the one before them is. */
final readonly class AddTracks implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'add-tracks';
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
        $count = $this->params->count('count') ?? 1;
        $at = $this->params->count('at') ?? TableParts::count($table, $axis);
        if ($at > TableParts::count($table, $axis)) {
            $parts->tracks($axis, [$at], 'at');
        }
        $extent = $axis === Axis::X ? $parts->item->frame->w : $parts->item->frame->h;
        $is = $parts->put(TableEdit::insert($table, $axis, $at, $count));
        $now = $axis === Axis::X ? $is->frame->w : $is->frame->h;

        return new Report(
            sprintf('Put %s into %s', $count === 1 ? 'a '.TableParts::noun($axis, 1) : "$count ".TableParts::noun($axis, $count), Words::quoted($is)).(Length::same($extent, $now) ? '' : ', now '.Spoken::length($now).($axis === Axis::X ? ' wide' : ' high')),
            $selected->ids,
        );
    }
}
