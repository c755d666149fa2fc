<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Equality;
use AllSquare\Core\Item\Item as CoreItem;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Change;
use App\Models\BelongingModels;
use App\Models\Sheet;
use App\Storage\ItemRows;
use App\Storage\Patch;
use App\Storage\PatchMismatch;
use App\Storage\RowStatements;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use stdClass;

/** Turns changes of the core into patches, and writes patches. */
final class ChangeWriter
{
    private const STORING = 1e-13;

    private const TABLES = ['documents', 'sheets', 'items'];

    public function patch(Sheet $sheet, Change $change): Patch
    {
        $rows = [];
        $belongs = ['sheet_id' => $sheet->id];
        foreach ($change->items as $id => [$was, $is]) {
            $rows[] = $was !== null && $is !== null
                ? ['items', $id, ...ItemRows::difference($was, $is)]
                : self::row('items', $id, $belongs, $was, $is, ItemRows::columns(...));
        }
        foreach ($change->belongings as $sort => $changes) {
            $owner = [BelongingModels::owner($sort) => $sort::isOfDocument() ? $sheet->document_id : $sheet->id];
            foreach ($changes as $id => [$was, $is]) {
                $rows[] = self::row($sort::sort(), (string) $id, $owner, $was, $is, BelongingModels::of($sort)::columns(...));
            }
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
        $tables = [...self::TABLES, ...array_map(static fn (string $sort): string => $sort::sort(), Belongings::SORTS)];
        foreach ($patch->rows as [$table, $id, $before, $after]) {
            if (! in_array($table, $tables, true)) {
                throw new RuntimeException("A patch names the table $table.");
            }
            if ($checked && $before !== null) {
                $this->expect($table, $id, $before);
            }
            if (isset($after['fields'])) {
                $after['props'] = ItemRows::stored($derived[$id]->{ItemRows::FIELDS} ?? [...isset($after['kind']) ? [] : $this->fields($id), ...$after['fields']]);
                unset($after['fields']);
            }
            if ($after !== null && isset($derived[$id])) {
                $after = [...$after, ...ItemRows::derivedOf($derived[$id])];
                unset($derived[$id]);
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
        $fields = $before['fields'] ?? [];
        unset($before['fields']);
        $row = DB::table($table)->where('id', $id)->first(['id', ...array_keys($before)]) ?? throw new PatchMismatch;
        foreach ($before as $column => $value) {
            if (! self::alike($row->{$column}, $value) && ! ($column === 'props' && Equality::of(json_decode($row->props, true), json_decode((string) $value, true)))) {
                throw new PatchMismatch;
            }
        }
        if ($fields !== [] && ! Equality::of($fields, array_intersect_key($this->fields($id), $fields))) {
            throw new PatchMismatch;
        }
    }

    /** @return array<string, mixed> the fields of an item, as they are stored */
    private function fields(string $id): array
    {
        return json_decode((string) DB::table('items')->where('id', $id)->value('props'), true, flags: JSON_THROW_ON_ERROR);
    }

    /** Numbers within what was lost when they were stored with 14 digits, as they once were. */
    private static function alike(mixed $a, mixed $b): bool
    {
        return is_numeric($a) && is_numeric($b) && ! is_string($a) && ! is_string($b)
            ? abs($a - $b) <= self::STORING * max(abs($a), abs($b))
            : $a === $b;
    }

    /**
     * @template T of CoreItem|Belonging
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
