<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Geometry\Axis;

/** Changes what a table is made of: its words, its columns and rows, and what goes across several. */
final class TableEdit
{
    /**
     * Words from a place on; where the table ends before them, columns and rows are added that are as the last ones.
     *
     * @param  non-empty-list<non-empty-list<string>>  $words
     */
    public static function write(TableData $table, int $row, int $column, array $words): TableData
    {
        $wide = max(array_map(count(...), $words));
        $table = self::insert($table, Axis::X, count($table->columns), max(0, $column + $wide - count($table->columns)));
        $table = self::insert($table, Axis::Y, count($table->rows) - ($row + count($words) > count($table->rows) ? $table->total : 0), max(0, $row + count($words) - count($table->rows)));
        $cells = $table->cells;
        foreach ($words as $r => $line) {
            foreach ($line as $c => $text) {
                $cells[$row + $r][$column + $c] = $cells[$row + $r][$column + $c]->saying($text);
            }
        }

        return $table->with(['cells' => $cells]);
    }

    /** More columns (or rows), as the one before them is; what goes across that place goes across them too. */
    public static function insert(TableData $table, Axis $axis, int $at, int $count): TableData
    {
        if ($count <= 0) {
            return $table;
        }
        [$tracks, $lines] = self::along($table, $axis);
        $like = max(0, $at - 1);
        $new = array_map(static fn (Cell $cell): Cell => new Cell('', $cell->look), $lines[$like]);
        foreach ($lines as $i => $line) {
            foreach ($line as $k => $cell) {
                [$along, $across] = self::span($cell, $axis);
                if ($i < $at && $i + $along > $at) {
                    $lines[$i][$k] = self::spanning($cell, $axis, $along + $count, $across);
                }
            }
        }
        /** @var non-empty-list<list<Cell>> $lines */
        array_splice($lines, $at, 0, array_fill(0, $count, $new));
        array_splice($tracks, $at, 0, array_fill(0, $count, $tracks[$like]));

        return self::made($table, $axis, $tracks, $lines, match (true) {
            $axis === Axis::X => ['heads' => $table->heads + ($at > 0 && $at < $table->heads ? $count : 0)],
            $at > 0 && $at < $table->header => ['header' => $table->header + $count],
            $at > count($table->rows) - $table->total && $at <= count($table->rows) && $table->total > 0 => ['total' => $table->total + $count],
            default => [],
        });
    }

    /** Without these columns (or rows), of which one at least has to be left. */
    public static function delete(TableData $table, Axis $axis, int $from, int $count): TableData
    {
        [$tracks, $lines] = self::along($table, $axis);
        foreach ($lines as $i => $line) {
            foreach ($line as $k => $cell) {
                [$along, $across] = self::span($cell, $axis);
                $gone = max(0, min($i + $along, $from + $count) - max($i, $from));
                if ($gone > 0 && ($i < $from || $i >= $from + $count)) {
                    $lines[$i][$k] = self::spanning($cell, $axis, $along - $gone, $across);
                }
                if ($i >= $from && $i < $from + $count && $i + $along > $from + $count && isset($lines[$from + $count])) {
                    // What goes across both what is deleted and what is left begins at what is left.
                    $lines[$from + $count][$k] = self::spanning($cell, $axis, $i + $along - $from - $count, $across);
                }
            }
        }
        /** @var non-empty-list<list<Cell>> $lines */
        array_splice($lines, $from, $count);
        array_splice($tracks, $from, $count);
        $within = static fn (int $start, int $end): int => max(0, min($end, $from + $count) - max($start, $from));
        $rows = count($table->rows);

        return self::made($table, $axis, $tracks, $lines, $axis === Axis::X
            ? ['heads' => $table->heads - $within(0, $table->heads)]
            : ['header' => $table->header - $within(0, $table->header), 'total' => $table->total - $within($rows - $table->total, $rows)]);
    }

    /**
     * Columns (or rows) in another place. What goes across several is ended where it would be torn.
     *
     * @param  int  $to  place of the first of them afterwards
     */
    public static function move(TableData $table, Axis $axis, int $from, int $count, int $to): TableData
    {
        [$tracks, $lines] = self::along($table, $axis);
        foreach ($lines as $i => $line) {
            foreach ($line as $k => $cell) {
                [$along, $across] = self::span($cell, $axis);
                if ($along > 1 && self::isTorn($i, $along, $from, $count, $to)) {
                    $lines[$i][$k] = self::spanning($cell, $axis, 1, $across);
                }
            }
        }
        $movedLines = array_splice($lines, $from, $count);
        $movedTracks = array_splice($tracks, $from, $count);
        array_splice($lines, $to, 0, $movedLines);
        array_splice($tracks, $to, 0, $movedTracks);

        return self::made($table, $axis, $tracks, $lines, []);
    }

    /** One cell across several, whose words stay beneath it; with 1 and 1 it goes across none. */
    public static function spanned(TableData $table, int $row, int $column, int $rows, int $columns): TableData
    {
        $cells = $table->cells;
        foreach ($cells as $r => $line) {
            foreach ($line as $c => $cell) {
                // Whatever it meets is ended.
                $meets = $cell->isSpan() && $r < $row + $rows && $r + $cell->rows > $row && $c < $column + $columns && $c + $cell->columns > $column;
                if ($meets) {
                    $cells[$r][$c] = $cell->spanning(1, 1);
                }
            }
        }
        $cells[$row][$column] = $cells[$row][$column]->spanning($columns, $rows);

        return $table->with(['cells' => $cells]);
    }

    /** Whether what goes from one place over so many would not stay together. */
    private static function isTorn(int $at, int $along, int $from, int $count, int $to): bool
    {
        $inside = $at >= $from && $at + $along <= $from + $count;
        $outside = $at + $along <= $from || $at >= $from + $count;
        if (! $inside && ! $outside) {
            return true;
        }
        // Where it begins among those that stay.
        $stays = $at >= $from + $count ? $at - $count : $at;

        return $outside && $to > $stays && $to < $stays + $along;
    }

    /** @return array{non-empty-list<Track>, non-empty-list<list<Cell>>} columns or rows, and the cells of each */
    private static function along(TableData $table, Axis $axis): array
    {
        return $axis === Axis::Y ? [$table->rows, $table->cells] : [$table->columns, self::turned($table->cells)];
    }

    /**
     * @param  list<Track>  $tracks
     * @param  list<list<Cell>>  $lines  one at least
     * @param  array<string, int>  $more
     */
    private static function made(TableData $table, Axis $axis, array $tracks, array $lines, array $more): TableData
    {
        assert($lines !== []);

        return $table->with(($axis === Axis::Y ? ['rows' => $tracks, 'cells' => $lines] : ['columns' => $tracks, 'cells' => self::turned($lines)]) + $more);
    }

    /**
     * @param  non-empty-list<list<Cell>>  $cells
     * @return non-empty-list<list<Cell>> by column and row
     */
    private static function turned(array $cells): array
    {
        // @phpstan-ignore return.type (every row has a cell at least)
        return array_map(static fn (int $c): array => array_column($cells, $c), array_keys($cells[0]));
    }

    /** @return array{int, int} along the axis and across it */
    private static function span(Cell $cell, Axis $axis): array
    {
        return $axis === Axis::X ? [$cell->columns, $cell->rows] : [$cell->rows, $cell->columns];
    }

    private static function spanning(Cell $cell, Axis $axis, int $along, int $across): Cell
    {
        return $axis === Axis::X ? $cell->spanning($along, $across) : $cell->spanning($across, $along);
    }
}
