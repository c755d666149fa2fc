<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Item\Item as CoreItem;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Dimension as CoreDimension;
use AllSquare\Core\Sheet\Guide as CoreGuide;
use AllSquare\Core\Sheet\NamedGrid as CoreGrid;
use AllSquare\Core\Sheet\Preset as CorePreset;
use AllSquare\Core\Sheet\Slice as CoreSlice;
use App\History\Patch;
use App\Models\Dimension;
use App\Models\Guide;
use App\Models\NamedGrid;
use App\Models\Preset;
use App\Models\Sheet;
use App\Models\Slice;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use stdClass;

/** Turns changes of the core into patches, and writes patches. */
final class ChangeWriter
{
    private const STORING = 1e-13;

    private const TABLES = ['documents', 'sheets', 'items', 'slices', 'guides', 'dimensions', 'grids', 'presets'];

    public function patch(Sheet $sheet, Change $change): Patch
    {
        $rows = [];
        $belongs = ['sheet_id' => $sheet->id];
        foreach ($change->items as $id => [$was, $is]) {
            $rows[] = $was !== null && $is !== null
                ? ['items', $id, ...ItemRows::difference($was, $is)]
                : self::row('items', $id, $belongs, $was, $is, ItemRows::columns(...));
        }
        foreach ($change->slices as $id => [$was, $is]) {
            $rows[] = self::row('slices', $id, $belongs, $was, $is, Slice::columns(...));
        }
        foreach ($change->guides as $id => [$was, $is]) {
            $rows[] = self::row('guides', $id, $belongs, $was, $is, Guide::columns(...));
        }
        foreach ($change->dimensions as $id => [$was, $is]) {
            $rows[] = self::row('dimensions', $id, $belongs, $was, $is, Dimension::columns(...));
        }
        foreach ($change->grids as $id => [$was, $is]) {
            $rows[] = self::row('grids', $id, ['document_id' => $sheet->document_id], $was, $is, NamedGrid::columns(...));
        }
        foreach ($change->presets as $id => [$was, $is]) {
            $rows[] = self::row('presets', $id, ['document_id' => $sheet->document_id], $was, $is, Preset::columns(...));
        }
        if ($change->sheet !== null) {
            $rows[] = ['sheets', $sheet->id, ...Patch::difference(...array_map(Sheet::columns(...), $change->sheet))];
        }

        return new Patch($rows);
    }

    /**
     * @param  list<stdClass>  $rows  items with their derived columns, which are written along
     * @param  bool  $checked  whether what is there must be what the patch says was there before
     *
     * @throws RuntimeException when it is not
     */
    public function write(Patch $patch, array $rows = [], bool $checked = false): void
    {
        $derived = array_column($rows, null, 'id');
        DB::statement('PRAGMA defer_foreign_keys = ON');
        $statements = new RowStatements(DB::connection());
        foreach ($patch->rows as [$table, $id, $before, $after]) {
            if (! in_array($table, self::TABLES, true)) {
                throw new RuntimeException("A patch names the table $table.");
            }
            if ($after !== null && isset($derived[$id])) {
                $after = [...$after, ...ItemRows::derivedOf($derived[$id])];
                unset($derived[$id]);
            }
            if ($checked && $before !== null) {
                $this->expect($table, $id, $before);
            }
            match (true) {
                $after === null => $statements->delete($table, $id),
                $before === null => $statements->insert($table, $id, $after),
                default => $statements->update($table, $id, $after),
            };
        }
        $this->writeDerived(array_values($derived));
    }

    /** @param  list<stdClass>  $rows as the deriver gave them */
    public function writeDerived(array $rows): void
    {
        $statements = new RowStatements(DB::connection());
        foreach ($rows as $row) {
            $statements->update('items', $row->id, ItemRows::derivedOf($row));
        }
    }

    /** @param  array<string, mixed>  $before */
    private function expect(string $table, string $id, array $before): void
    {
        $row = DB::table($table)->where('id', $id)->first(array_keys($before));
        foreach ($before as $column => $value) {
            if ($row === null || ! self::alike($row->{$column}, $value)) {
                throw new PatchMismatch;
            }
        }
    }

    /** Numbers within what was lost when they were stored with 14 digits, as they once were. */
    private static function alike(mixed $a, mixed $b): bool
    {
        return is_numeric($a) && is_numeric($b) && ! is_string($a) && ! is_string($b)
            ? abs($a - $b) <= self::STORING * max(abs($a), abs($b))
            : $a === $b;
    }

    /**
     * @template T of CoreItem|CoreSlice|CoreGuide|CoreDimension|CoreGrid|CorePreset
     *
     * @param  array<string, string>  $belongs  the column that says to what it belongs
     * @param  T|null  $was
     * @param  T|null  $is
     * @param  callable(T): array<string, mixed>  $columns
     * @return array{0: string, 1: string, 2: array<string, mixed>|null, 3: array<string, mixed>|null}
     */
    private static function row(string $table, string $id, array $belongs, ?object $was, ?object $is, callable $columns): array
    {
        return match (true) {
            $was === null && $is !== null => [$table, $id, null, [...$belongs, ...$columns($is)]],
            $was !== null && $is === null => [$table, $id, [...$belongs, ...$columns($was)], null],
            $was !== null && $is !== null => [$table, $id, ...Patch::difference($columns($was), $columns($is))],
            default => [$table, $id, null, null],
        };
    }
}
