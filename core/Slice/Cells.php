<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\SheetGrid;

/** The cells into which guides or the grid divide a sheet, row by row: each with its row and column, from 1. */
final readonly class Cells
{
    /**
     * @param  list<array{float, float}>  $columns  from where to where, px
     * @param  list<array{float, float}>  $rows
     */
    private function __construct(private array $columns, private array $rows)
    {
    }

    /**
     * From edge to edge of the sheet, cut at every guide on it.
     *
     * @param  iterable<Guide>  $guides
     *
     * @throws Refusal when no guide crosses the sheet
     */
    public static function alongGuides(Sheet $sheet, iterable $guides): self
    {
        $at = ['x' => [], 'y' => []];
        foreach ($guides as $guide) {
            $at[$guide->axis->value][] = $guide->at;
        }
        $spans = [];
        foreach (Axis::cases() as $axis) {
            $extent = $axis->size($sheet->picture());
            $inside = array_filter($at[$axis->value], static fn (float $place): bool => $place > Length::SAME && $place < $extent - Length::SAME);
            $spans[$axis->value] = self::between([0.0, ...$inside, $extent]);
        }
        if (count($spans['x']) === 1 && count($spans['y']) === 1) {
            throw Refusal::because('No guide crosses this sheet. Put some first.', 'along');
        }

        return new self($spans['x'], $spans['y']);
    }

    /** @throws Refusal when the sheet has neither columns nor rows */
    public static function ofGrid(Sheet $sheet): self
    {
        [$columns, $rows] = [SheetGrid::spans($sheet, Axis::X), SheetGrid::spans($sheet, Axis::Y)];
        if ($columns === [] && $rows === []) {
            throw Refusal::because('This sheet has no columns or rows yet. Set its grid first.', 'along');
        }

        return new self($columns === [] ? [SheetGrid::between($sheet, Axis::X)] : $columns, $rows === [] ? [SheetGrid::between($sheet, Axis::Y)] : $rows);
    }

    /** @return list<array{Rect, int, int}> the cells with their row and column */
    public function all(): array
    {
        $cells = [];
        foreach ($this->rows as $row => [$top, $bottom]) {
            foreach ($this->columns as $column => [$left, $right]) {
                $cells[] = [Rect::between($left, $top, $right, $bottom), $row + 1, $column + 1];
            }
        }

        return $cells;
    }

    /**
     * @param  non-empty-list<float>  $lines
     * @return list<array{float, float}>
     */
    private static function between(array $lines): array
    {
        sort($lines);
        $spans = [];
        foreach (array_slice($lines, 1) as $i => $line) {
            $spans[] = [$lines[$i], $line];
        }

        return $spans;
    }
}
