<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Command\Needs;
use AllSquare\Core\Command\Scope;
use AllSquare\Core\Guide\Guide as CoreGuide;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Item as CoreItem;
use AllSquare\Core\Slice\Slice as CoreSlice;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Guide;
use App\Models\Item;
use App\Models\Sheet;
use App\Models\Slice;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Reads of a sheet what is needed, and no more. */
final readonly class SheetLoader
{
    public function __construct(private FontLibrary $fonts, private UlidSource $ids)
    {
    }

    /**
     * @param  list<string>  $named
     */
    public function draft(Sheet $sheet, Needs $needs, array $named): Draft
    {
        return new Draft(
            $sheet->toCore(),
            $this->items($sheet->id, $needs, $named),
            $needs->slices ? $this->slices($sheet->id) : [],
            $this->fonts,
            $this->ids,
            $needs->scope === Scope::Order ? $this->rows($sheet->id)->count() : 0,
            $needs->guides ? $this->guides($sheet->id) : [],
        );
    }

    /** @return list<CoreGuide> */
    public function guides(string $sheet): array
    {
        /** @var Collection<int, Guide> $guides */
        $guides = Guide::query()->where('sheet_id', $sheet)->orderBy('axis')->orderBy('at')->orderBy('id')->get();

        return $guides->map(static fn (Guide $guide): CoreGuide => $guide->toCore())->values()->all();
    }

    /** @return list<CoreSlice> in their order */
    public function slices(string $sheet): array
    {
        /** @var Collection<int, Slice> $slices */
        $slices = Slice::query()->where('sheet_id', $sheet)->orderBy('rank')->orderBy('id')->get();

        return $slices->map(static fn (Slice $slice): CoreSlice => $slice->toCore())->values()->all();
    }

    /** @return list<CoreItem> */
    public function everything(string $sheet): array
    {
        return array_values($this->fetch('FROM items WHERE sheet_id = ?', [$sheet]));
    }

    /**
     * What is stored about items: their derived columns, to see what changed.
     *
     * @param  list<string>  $ids
     * @return array<string, stdClass> by id
     */
    public function derived(array $ids): array
    {
        $columns = ['id', 'paint_hash'];
        foreach (ItemRows::BOXES as $box) {
            array_push($columns, "{$box}_x", "{$box}_y", "{$box}_w", "{$box}_h");
        }
        $found = [];
        foreach (array_chunk($ids, 5000) as $some) {
            foreach (Item::query()->toBase()->whereIn('id', $some)->get($columns) as $row) {
                $found[$row->id] = $row;
            }
        }

        return $found;
    }

    /**
     * @param  list<string>  $named
     * @return list<CoreItem>
     */
    private function items(string $sheet, Needs $needs, array $named): array
    {
        if ($needs->scope === Scope::Whole) {
            return $this->everything($sheet);
        }
        $items = $this->branches($sheet, [...$named, ...$needs->also]);
        if ($needs->scope === Scope::Order) {
            $items += $this->fetch('FROM items WHERE sheet_id = ? AND parent_id IS NULL', [$sheet]);
        }

        return array_values($items);
    }

    /**
     * The whole branches, from the sheet up, on which these items hang.
     *
     * @param  list<string>  $ids
     * @return array<string, CoreItem> by id
     */
    private function branches(string $sheet, array $ids): array
    {
        if ($ids === []) {
            return [];
        }

        return $this->fetch(
            'FROM branch JOIN items ON items.id = branch.id',
            [$sheet, json_encode($ids, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)],
            'WITH RECURSIVE
                up(id, parent_id) AS (
                    SELECT id, parent_id FROM items WHERE sheet_id = ? AND id IN (SELECT value FROM json_each(?))
                    UNION SELECT items.id, items.parent_id FROM items JOIN up ON items.id = up.parent_id
                ),
                branch(id) AS (
                    SELECT id FROM up WHERE parent_id IS NULL
                    UNION ALL SELECT items.id FROM items JOIN branch ON items.parent_id = branch.id
                ) ',
        );
    }

    /**
     * Rows as plain lists, which is what a thousand of them are read fastest as.
     *
     * @param  list<mixed>  $bindings
     * @return array<string, CoreItem> by id
     */
    private function fetch(string $from, array $bindings, string $with = ''): array
    {
        $columns = implode(', ', array_map(static fn (string $column): string => "items.$column", ItemRows::BASE));
        $statement = DB::connection()->getPdo()->prepare("{$with}SELECT $columns $from");
        $statement->execute($bindings);

        return ItemRows::toCoreAll($statement);
    }

    private function rows(string $sheet): Builder
    {
        return Item::query()->toBase()->where('sheet_id', $sheet);
    }
}
