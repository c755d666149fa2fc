<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Arrange\Guides;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Running\Execution;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Dimension as CoreDimension;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide as CoreGuide;
use AllSquare\Core\Sheet\NamedGrid as CoreGrid;
use AllSquare\Core\Sheet\Preset as CorePreset;
use AllSquare\Core\Sheet\Sheet as CoreSheet;
use AllSquare\Core\Sheet\SheetGrid;
use AllSquare\Core\Sheet\Slice as CoreSlice;
use AllSquare\Core\Slice\Slices;
use App\History\Patch;
use App\Models\HistoryLine;
use App\Models\Item;
use App\Models\Sheet;
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
        return self::settings($row->toCore()) + ['document' => $row->document_id, 'position' => $row->position];
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
        ];
    }

    /** @return array<string, mixed> */
    public static function slice(CoreSlice $slice): array
    {
        return ['id' => $slice->id, 'name' => $slice->name, ...$slice->box->toArray(), ...$slice->cut->toArray()];
    }

    /** @return list<array<string, mixed>> */
    public function slices(string $sheet): array
    {
        return array_map(self::slice(...), $this->loader->slices($sheet));
    }

    /** @return array<string, mixed> */
    public static function guide(CoreGuide $guide): array
    {
        return ['id' => $guide->id, 'axis' => $guide->axis->value, 'at' => $guide->at, 'locked' => $guide->locked];
    }

    /** @return list<array<string, mixed>> */
    public function guides(string $sheet): array
    {
        return array_map(self::guide(...), $this->loader->guides($sheet));
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
    public static function dimension(CoreDimension $dimension): array
    {
        return ['id' => $dimension->id, 'a' => $dimension->a, 'b' => $dimension->b, 'axis' => $dimension->axis, 'by' => $dimension->by->value];
    }

    /** @return list<array<string, mixed>> */
    public function dimensions(string $sheet): array
    {
        return array_map(self::dimension(...), $this->loader->dimensions($sheet));
    }

    /** @return array<string, mixed> */
    public static function namedGrid(CoreGrid $grid): array
    {
        return ['id' => $grid->id, 'name' => $grid->name, ...$grid->toArray()];
    }

    /** @return list<array<string, mixed>> */
    public function grids(string $document): array
    {
        return array_map(self::namedGrid(...), $this->loader->grids($document));
    }

    /** @return array<string, mixed> */
    public static function preset(CorePreset $preset): array
    {
        return ['id' => $preset->id, 'name' => $preset->name, ...$preset->settings->toArray()];
    }

    /** @return list<array<string, mixed>> */
    public function presets(string $document): array
    {
        return array_map(self::preset(...), $this->loader->presets($document));
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
            ...($done->change->slices === [] ? [] : ['slices' => array_map(self::slice(...), Slices::inOrder($draft->slices->all()))]),
            ...($done->change->guides === [] ? [] : ['guides' => array_values(array_map(self::guide(...), Guides::inOrder($draft->guides->all())))]),
            ...($done->change->dimensions === [] ? [] : ['dimensions' => array_values(array_map(self::dimension(...), $draft->dimensions->all()))]),
            ...($done->change->grids === [] ? [] : ['grids' => array_map(self::namedGrid(...), CoreGrid::inOrder($draft->grids->all()))]),
            ...($done->change->presets === [] ? [] : ['presets' => array_map(self::preset(...), CorePreset::inOrder($draft->presets->all()))]),
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
        $rows ??= Item::query()->toBase()->whereIn('id', $patch->ids('items'))->get(ItemRows::answerColumns())->all();
        $new = array_flip(array_column(array_filter($patch->rows, static fn (array $row): bool => $row[0] === 'items' && $row[2] === null), 1));
        $sheet = $patch->touches('sheets') ? Sheet::query()->find($line->sheet_id) : null;

        return [
            'revision' => $revision ?? $line->revision,
            'created' => array_values(array_map(ItemRows::toAnswer(...), array_filter($rows, static fn (stdClass $row): bool => isset($new[$row->id])))),
            'changed' => array_values(array_map(ItemRows::toAnswer(...), array_filter($rows, static fn (stdClass $row): bool => ! isset($new[$row->id])))),
            'removed' => array_values(array_column(array_filter($patch->rows, static fn (array $row): bool => $row[0] === 'items' && $row[3] === null), 1)),
            ...($sheet === null ? [] : ['settings' => self::settings($sheet->toCore())]),
            ...($patch->touches('slices') ? ['slices' => $this->slices($line->sheet_id)] : []),
            ...($patch->touches('guides') ? ['guides' => $this->guides($line->sheet_id)] : []),
            ...($patch->touches('dimensions') ? ['dimensions' => $this->dimensions($line->sheet_id)] : []),
            ...($patch->touches('grids') ? ['grids' => $this->grids($line->document_id)] : []),
            ...($patch->touches('presets') ? ['presets' => $this->presets($line->document_id)] : []),
            'report' => $line->report,
        ];
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
