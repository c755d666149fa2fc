<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\Csv;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;

/** One table of a sheet, and the columns, rows and cells that a command names. Counting begins at 0, as in its cells; sentences begin at 1. */
final readonly class TableParts
{
    private function __construct(private Draft $draft, public Item $item, private HasCells $kind)
    {
    }

    /**
     * @param  list<string>  $ids  that may be changed
     *
     * @throws Refusal when they are not one table
     */
    public static function of(Draft $draft, array $ids): self
    {
        $item = count($ids) === 1 ? $draft->item($ids[0]) : throw Refusal::because('Select one table.', 'items');
        if (! $item->kind instanceof HasCells) {
            throw Refusal::because(Words::quoted($item).' is a '.$item->kind->noun(1).', and no table.', 'items');
        }

        return new self($draft, $item, $item->kind);
    }

    public function table(): TableData
    {
        return $this->kind->table($this->item);
    }

    public function layout(): TableLayout
    {
        return $this->kind->layout($this->item, $this->draft->fonts);
    }

    /**
     * The table with what was changed, in the frame that it needs now.
     *
     * @param  float|null  $w  px that its frame is to be wide where columns share it
     * @param  float|null  $h  px that it is to be high
     *
     * @throws Refusal when it would be too large
     */
    public function put(TableData $table, ?float $w = null, ?float $h = null): Item
    {
        Csv::check(count($table->rows), count($table->columns));
        $frame = $this->item->frame;
        $item = $this->item->inFrame(new Rect($frame->x, $frame->y, $w ?? $frame->w, $h ?? $frame->h));
        $item = $this->kind->withTable($item, $table)->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts);
        $this->draft->put($item);

        return $item;
    }

    /**
     * @param  list<int>  $named
     * @return non-empty-list<int> rising, each once
     *
     * @throws Refusal when there is none, or one is not there
     */
    public function tracks(Axis $axis, array $named, string $field): array
    {
        $count = self::count($this->table(), $axis);
        $tracks = array_values(array_unique($named));
        sort($tracks);
        $word = self::noun($axis, 2);
        if ($tracks === []) {
            throw Refusal::because("Which $word? Name one at least.", $field);
        }
        if ($tracks[0] < 0 || $tracks[count($tracks) - 1] >= $count) {
            throw Refusal::because(sprintf('%s has %d %s.', Words::quoted($this->item), $count, self::noun($axis, $count)), $field);
        }

        return $tracks;
    }

    /** @throws Refusal when there is no such cell */
    public function check(int $row, int $column, string $field): void
    {
        $this->tracks(Axis::Y, [$row], $field);
        $this->tracks(Axis::X, [$column], $field);
    }

    public static function count(TableData $table, Axis $axis): int
    {
        return $axis === Axis::X ? count($table->columns) : count($table->rows);
    }

    public static function noun(Axis $axis, int $count): string
    {
        return ($axis === Axis::X ? 'column' : 'row').($count === 1 ? '' : 's');
    }

    /** @param  non-empty-list<int>  $tracks  rising  @return string column 2, columns 2 to 4, columns 1, 3 and 5 */
    public static function said(Axis $axis, array $tracks): string
    {
        [$first, $last, $count] = [$tracks[0] + 1, $tracks[count($tracks) - 1] + 1, count($tracks)];
        $word = self::noun($axis, $count);

        return match (true) {
            $count === 1 => "$word $first",
            $last - $first + 1 === $count => "$word $first to $last",
            $count > 5 => "$count $word",
            default => "$word ".implode(', ', array_map(static fn (int $i): int => $i + 1, array_slice($tracks, 0, -1)))." and $last",
        };
    }
}
