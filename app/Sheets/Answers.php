<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Running\Execution;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Sheet as CoreSheet;
use AllSquare\Core\Sheet\SheetGrid;
use App\Models\HistoryLine;
use App\Models\Item;
use App\Models\Sheet;
use App\Storage\ItemRows;
use App\Storage\Patch;
use stdClass;

/** What the API says about sheets and about what was done to them. */
final readonly class Answers
{
    public function __construct(private SheetLoader $loader)
    {
    }

    /** @return array<string, mixed> */
    public function sheet(Sheet $row): array
    {
        return self::settings($row->toCore()) + ['document' => $row->document_id, 'position' => $row->position, 'variant' => $row->variant];
    }

    /** @return array<string, mixed> */
    public static function settings(CoreSheet $sheet): array
    {
        return [
            'id' => $sheet->id,
            'name' => $sheet->name,
            'width' => $sheet->width(),
            'height' => $sheet->height(),
            'unit' => $sheet->unit->value,
            'ppi' => $sheet->ppi,
            'typed' => ['width' => $sheet->typedWidth, 'height' => $sheet->typedHeight],
            'whole_pixels' => $sheet->wholePixels,
            'margins' => $sheet->margins->toArray(),
            'background' => $sheet->background,
            'zero' => self::point($sheet->zero),
            'unit_of_spacing' => $sheet->unitOfSpacing,
            'grid' => self::grid($sheet),
            'page' => $sheet->page,
        ];
    }

    /**
     * What belongs to a sheet besides its items, by sort.
     *
     * @return array<string, list<array<string, mixed>>>
     */
    public function belongings(Sheet $sheet): array
    {
        $told = [];
        foreach (Belongings::SORTS as $sort) {
            $told[$sort::sort()] = array_map(static fn (Belonging $one): array => $one->toAnswer(), $this->loader->belongings($sort, $sheet));
        }

        return $told;
    }

    /**
     * The layout grid, with where its columns and rows come to lie.
     *
     * @return array<string, mixed>
     */
    private static function grid(CoreSheet $sheet): array
    {
        return [...$sheet->grid->toArray(), 'spans' => ['x' => SheetGrid::spans($sheet, Axis::X), 'y' => SheetGrid::spans($sheet, Axis::Y)]];
    }

    /** @return array<string, mixed> */
    public function unchanged(int $revision, Report $report): array
    {
        return ['revision' => $revision, 'created' => [], 'changed' => [], 'removed' => [], 'report' => self::report($report)];
    }

    /**
     * @param  list<stdClass>  $rows  as the deriver gave them
     * @return array<string, mixed>
     */
    public function ofChange(Sheet $sheet, Draft $draft, Execution $done, array $rows, int $revision): array
    {
        $created = $changed = [];
        foreach ($rows as $row) {
            $isNew = isset($done->change->items[$row->id]) && $done->change->items[$row->id][0] === null;
            $isNew ? $created[] = ItemRows::toAnswer($row) : $changed[] = ItemRows::toAnswer($row);
        }

        return [
            'revision' => $revision,
            'created' => $created,
            'changed' => $changed,
            'removed' => array_map(strval(...), array_keys(array_filter($done->change->items, static fn (array $pair): bool => $pair[1] === null))),
            ...($done->change->sheet === null ? [] : ['settings' => self::settings($draft->sheet())]),
            ...self::changed($draft, $done->change),
            'report' => self::report($done->report),
        ];
    }

    /**
     * What a line of the history did, told from how things are now: for a retry, and for undo and redo.
     *
     * @param  list<stdClass>|null  $rows  what changed, where that is known
     * @return array<string, mixed>
     */
    public function ofLine(HistoryLine $line, ?Patch $applied = null, ?array $rows = null, ?int $revision = null): array
    {
        $patch = $applied ?? $line->changes();
        $rows ??= Item::query()->toBase()->whereIn('id', $patch->ids('items'))->where('sheet_id', $line->sheet_id)->get(ItemRows::answerColumns())->all();
        $new = array_flip(array_column(array_filter($patch->rows, static fn (array $row): bool => $row[0] === 'items' && $row[2] === null), 1));
        $sheet = $patch->touches('sheets') ? Sheet::query()->find($line->sheet_id) : null;

        return [
            'revision' => $revision ?? $line->revision,
            'created' => array_values(array_map(ItemRows::toAnswer(...), array_filter($rows, static fn (stdClass $row): bool => isset($new[$row->id])))),
            'changed' => array_values(array_map(ItemRows::toAnswer(...), array_filter($rows, static fn (stdClass $row): bool => ! isset($new[$row->id])))),
            'removed' => array_values(array_column(array_filter($patch->rows, static fn (array $row): bool => $row[0] === 'items' && $row[3] === null), 1)),
            ...($sheet === null ? [] : ['settings' => self::settings($sheet->toCore())]),
            ...$this->touched($line, $patch),
            'report' => $line->report,
        ];
    }

    /** @return array<string, list<array<string, mixed>>> all of each sort in which something changed */
    private static function changed(Draft $draft, Change $change): array
    {
        $told = [];
        foreach (array_keys($change->belongings) as $sort) {
            $told[$sort::sort()] = array_map(static fn (Belonging $one): array => $one->toAnswer(), $draft->of($sort)->inOrder());
        }

        return $told;
    }

    /** @return array<string, list<array<string, mixed>>> the same, as it is now, of what a line of the history changed */
    private function touched(HistoryLine $line, Patch $patch): array
    {
        $told = [];
        foreach (Belongings::SORTS as $sort) {
            if ($patch->touches($sort::sort())) {
                $told[$sort::sort()] = array_map(static fn (Belonging $one): array => $one->toAnswer(), $this->loader->belongingTo($sort, $sort::isOfDocument() ? $line->document_id : $line->sheet_id));
            }
        }

        return $told;
    }

    /** @return array<string, mixed> */
    public static function report(Report $report): array
    {
        return ['summary' => $report->summary, 'selection' => $report->selection, ...$report->details];
    }

    /** @return array{x: float, y: float} */
    private static function point(Point $point): array
    {
        return ['x' => $point->x, 'y' => $point->y];
    }
}
