<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item as CoreItem;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Cut;
use AllSquare\Core\Sheet\Dimension as CoreDimension;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide as CoreGuide;
use AllSquare\Core\Sheet\NamedGrid as CoreGrid;
use AllSquare\Core\Sheet\Preset as CorePreset;
use AllSquare\Core\Sheet\Slice as CoreSlice;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Guide;
use App\Models\Item;
use App\Models\NamedGrid;
use App\Models\Preset;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOStatement;
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
    public function draft(Sheet $sheet, Needs $needs, array $named, Unit $unit = Unit::Px): Draft
    {
        return new Draft(
            $sheet->toCore(),
            $this->items($sheet->id, $needs, $named),
            $this->fonts,
            $this->ids,
            $needs->scope === Scope::Order ? $this->rows($sheet->id)->count() : 0,
            // What depends on an item goes with it, whatever the command is.
            $this->slices($sheet->id),
            $needs->guides ? $this->guides($sheet->id) : [],
            $this->dimensions($sheet->id),
            $needs->grids ? $this->grids($sheet->document_id) : [],
            $needs->presets ? $this->presets($sheet->document_id) : [],
            $unit,
            $needs->plan === null ? null : (new PlanLoader($this->fonts, $this))->plan($sheet->id, $needs->plan, baselines: true),
        );
    }

    /** @return list<CoreDimension> in the order in which they were made */
    public function dimensions(string $sheet): array
    {
        $statement = self::query('SELECT id, a, b, axis, "by" FROM dimensions WHERE sheet_id = ? ORDER BY id', [$sheet]);

        return array_map(static fn (array $row): CoreDimension => new CoreDimension($row[0], $row[1], $row[2], $row[3], By::from($row[4])), $statement->fetchAll(PDO::FETCH_NUM));
    }

    /** @return list<CoreGrid> by name */
    public function grids(string $document): array
    {
        /** @var Collection<int, NamedGrid> $grids */
        $grids = NamedGrid::query()->where('document_id', $document)->orderBy('name')->orderBy('id')->get();

        return $grids->map(static fn (NamedGrid $grid): CoreGrid => $grid->toCore())->values()->all();
    }

    /** @return list<CorePreset> by name */
    public function presets(string $document): array
    {
        /** @var Collection<int, Preset> $presets */
        $presets = Preset::query()->where('document_id', $document)->orderBy('name')->orderBy('id')->get();

        return $presets->map(static fn (Preset $preset): CorePreset => $preset->toCore())->values()->all();
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
        $statement = self::query('SELECT id, rank, name, x, y, w, h, cut FROM slices WHERE sheet_id = ? ORDER BY rank, id', [$sheet]);

        return array_map(static fn (array $row): CoreSlice => new CoreSlice(
            $row[0], (int) $row[1], $row[2], new Rect((float) $row[3], (float) $row[4], (float) $row[5], (float) $row[6]),
            $row[7] === null ? new Cut : Cut::fromArray(json_decode($row[7], true, flags: JSON_THROW_ON_ERROR)),
        ), $statement->fetchAll(PDO::FETCH_NUM));
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
        $columns = ['id', 'paint_hash', 'paints'];
        foreach (ItemRows::BOXES as $box) {
            array_push($columns, "{$box}_x", "{$box}_y", "{$box}_w", "{$box}_h");
        }
        $statement = self::query('SELECT '.implode(', ', array_map(static fn (string $column): string => "items.$column", $columns)).' FROM json_each(?) AS named CROSS JOIN items ON items.id = named.value', [json_encode($ids, JSON_THROW_ON_ERROR)]);
        $found = [];
        while ($row = $statement->fetchObject()) {
            $found[$row->id] = $row;
        }

        return $found;
    }

    /**
     * What is stored about the ink of items; null of those that paint nothing.
     *
     * @param  list<string>  $ids
     * @return array<string, Rect|null> by id
     */
    public function inks(array $ids): array
    {
        $statement = self::query('SELECT items.id, ink_x, ink_y, ink_w, ink_h, paints FROM json_each(?) AS named CROSS JOIN items ON items.id = named.value WHERE paints IS NOT NULL', [json_encode($ids, JSON_THROW_ON_ERROR)]);
        $inks = [];
        foreach ($statement->fetchAll(PDO::FETCH_NUM) as [$id, $x, $y, $w, $h, $paints]) {
            $inks[$id] = $paints === 0 ? null : new Rect((float) $x, (float) $y, (float) $w, (float) $h);
        }

        return $inks;
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
        $near = match ($needs->scope) {
            Scope::Beneath => $this->near($sheet, $named, 'AND'),
            Scope::Beside => $this->near($sheet, $named, 'OR'),
            default => [],
        };
        $items = $this->branches($sheet, [...$named, ...$needs->also, ...$near]);
        if ($needs->scope === Scope::Order) {
            $items += $this->fetch('FROM items WHERE sheet_id = ? AND parent_id IS NULL', [$sheet]);
        }

        return array_values($items);
    }

    /**
     * What lies directly on the sheet and shares the extent of the box round all these, across, down, or both. A group's
     * box holds what it shows, so that with its branch all is there. 1 px more, to lose nothing by rounding.
     *
     * @param  list<string>  $ids
     * @param  'AND'|'OR'  $both
     * @return list<string>
     */
    private function near(string $sheet, array $ids, string $both): array
    {
        $statement = self::query(
            "WITH around(l, t, r, b) AS (
                SELECT min(min(bounds_x, ink_x)) - 1, min(min(bounds_y, ink_y)) - 1,
                    max(max(bounds_x + bounds_w, ink_x + ink_w)) + 1, max(max(bounds_y + bounds_h, ink_y + ink_h)) + 1
                FROM items WHERE sheet_id = ? AND id IN (SELECT value FROM json_each(?))
            )
            SELECT id FROM items, around
            WHERE sheet_id = ? AND parent_id IS NULL
                AND (min(bounds_x, ink_x) <= r AND max(bounds_x + bounds_w, ink_x + ink_w) >= l
                    $both min(bounds_y, ink_y) <= b AND max(bounds_y + bounds_h, ink_y + ink_h) >= t)",
            [$sheet, json_encode($ids, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), $sheet],
        );

        return $statement->fetchAll(PDO::FETCH_COLUMN);
    }

    /**
     * The whole branches, from the sheet up, on which these items hang. The joins say which way to go: items are looked
     * up by id, and the sheet is never walked through.
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
            'FROM branch CROSS JOIN items ON items.id = branch.id',
            [json_encode($ids, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), $sheet, $sheet],
            'WITH RECURSIVE
                up(id) AS (
                    SELECT coalesce(parent_id, items.id) FROM json_each(?) AS named CROSS JOIN items ON items.id = named.value WHERE sheet_id = ?
                    UNION SELECT items.parent_id FROM up CROSS JOIN items ON items.id = up.id WHERE items.parent_id IS NOT NULL
                ),
                branch(id) AS (
                    SELECT items.id FROM up CROSS JOIN items ON items.id = up.id WHERE parent_id IS NULL
                    UNION ALL SELECT items.id FROM branch CROSS JOIN items ON items.sheet_id = ? AND items.parent_id = branch.id
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
        $statement = self::query("{$with}SELECT $columns $from", $bindings);

        return ItemRows::toCoreAll($statement);
    }

    /** @param  list<mixed>  $bindings */
    private static function query(string $sql, array $bindings): PDOStatement
    {
        $statement = DB::connection()->getPdo()->prepare($sql);
        $statement->execute($bindings);

        return $statement;
    }

    private function rows(string $sheet): Builder
    {
        return Item::query()->toBase()->where('sheet_id', $sheet);
    }
}
