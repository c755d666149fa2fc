<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableEdit;
use AllSquare\Core\Table\TrackSizing;

/** Cuts a table above a row: what follows goes on in a table of its own, beside it or below, with the header again where that is wished. */
final readonly class CutTable implements Command, SelectsWhatItMade
{
    /** px between both, where neither the command nor the sheet says */
    private const GAP = 24.0;

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'cut-table';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $parts = TableParts::of($draft, $selected->free);
        $row = $this->params->count('row') ?? 0;
        $parts->tracks(Axis::Y, [$row], 'row');
        $table = self::settled($parts);
        if ($row <= $table->header) {
            throw Refusal::because('A table is cut above a row that has others before it, the header not counted.', 'row');
        }
        $first = TableEdit::delete($table, Axis::Y, $row, count($table->rows) - $row);
        $kept = $table->repeats ? $table->header : 0;
        $second = TableEdit::delete($table, Axis::Y, $kept, $row - $kept);
        $was = $parts->item;
        $is = $parts->put($first);
        $gap = $this->params->length('gap');
        $apart = $gap === null ? $draft->sheet()->unitOfSpacing ?? self::GAP : (new Figures($draft))->size($gap, Axis::X, 'gap');
        $other = $this->other($draft, $was, $second);
        $isBelow = $this->params->word('place') === 'below';
        // Along the axes of the table itself, however it is turned.
        $by = (new Point($isBelow ? 0.0 : $was->frame->w + $apart, $isBelow ? $is->frame->h + $apart : 0.0))->turned($was->angle);
        $centre = static fn (Item $item): Point => (new Point($item->frame->w / 2, $item->frame->h / 2))->turned($item->angle)->plus(new Point(-$item->frame->w / 2, -$item->frame->h / 2));
        $corner = new Point($is->frame->x, $is->frame->y);
        $at = $corner->plus($by)->plus($centre($other))->minus($centre($is));
        $other = $other->inFrame($other->frame->moved($at->x - $other->frame->x, $at->y - $other->frame->y)->rounded());
        $draft->add($other);
        $siblings = array_map(static fn (Item $item): string => $item->id, $draft->tree->children($was->parent));
        (new Ranks($draft))->insert($was->parent, (int) array_search($was->id, $siblings, true) + 1, [$other->id]);

        return new Report(sprintf('Cut %s above row %d: %s goes on %s it', Words::quoted($is), $row + 1, Words::quoted($other), $isBelow ? 'below' : 'beside'), [$is->id, $other->id]);
    }

    private function other(Draft $draft, Item $was, TableData $table): Item
    {
        assert($was->kind instanceof HasCells);
        $item = $was->withFields(['twin' => null])->with(['id' => $draft->nextId(), 'name' => Naming::checked(mb_strimwidth($was->name, 0, Naming::LONGEST - 11, '…').', continued')]);

        return $was->kind->withTable($item, $table)->fitted($draft->sheet()->wholePixels, $draft->fonts);
    }

    /** Rows that share the height keep what they have: neither part is as high as the whole. */
    private static function settled(TableParts $parts): TableData
    {
        $table = $parts->table();
        $heights = $parts->layout()->heights;
        $rows = [];
        foreach ($table->rows as $i => $row) {
            $rows[] = $row->sizing === TrackSizing::Share ? $row->sized(TrackSizing::Fixed, $heights[$i]) : $row;
        }

        return $table->with(['rows' => $rows]);
    }
}
