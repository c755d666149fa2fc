<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item as CoreItem;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Text\FontLibrary;
use App\Models\BelongingModels;
use App\Models\Item;
use App\Models\Sheet;
use App\Storage\ItemRows;
use App\Storage\UlidSource;
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
        $belongings = [];
        foreach (Belongings::SORTS as $sort) {
            array_push($belongings, ...($needs->includes($sort) ? $this->belongings($sort, $sheet) : []));
        }

        return new Draft(
            new SheetContent($sheet->toCore(), $this->items($sheet->id, $needs, $named), $belongings),
            $this->fonts,
            $this->ids,
            $needs->scope === Scope::Order ? $this->rows($sheet->id)->count() : 0,
            $unit,
            $needs->plan === null ? null : (new PlanLoader($this->fonts, $this))->plan($sheet->id, $needs->plan, letters: true),
        );
    }

    /**
     * What belongs to a sheet, or to its document, of one sort.
     *
     * @template T of Belonging
     *
     * @param  class-string<T>  $sort
     * @return list<T> in the order in which they are listed
     */
    public function belongings(string $sort, Sheet $sheet): array
    {
        return $this->belongingTo($sort, $sort::isOfDocument() ? $sheet->document_id : $sheet->id);
    }

    /**
     * @template T of Belonging
     *
     * @param  class-string<T>  $sort
     * @param  string  $owner  id of the sheet, or of the document for what belongs to that
     * @return list<T> in the order in which they are listed
     */
    public function belongingTo(string $sort, string $owner): array
    {
        $statement = self::query('SELECT * FROM '.$sort::sort().' WHERE '.BelongingModels::owner($sort).' = ?', [$owner]);
        /** @var list<T> $all the model of a sort makes that sort */
        $all = array_map(BelongingModels::of($sort)::fromRow(...), $statement->fetchAll(PDO::FETCH_OBJ));

        return Belongings::inOrder($all);
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
     * @param  list<string>  $ids
     * @return array{array<string, Rect|null>, array<string, Rect>} by id, of those that have been derived: the ink, null of what paints nothing; and what is painted, where that is more
     */
    public function inks(array $ids): array
    {
        $statement = self::query('SELECT items.id, ink_x, ink_y, ink_w, ink_h, painted_x, painted_y, painted_w, painted_h, paints FROM json_each(?) AS named CROSS JOIN items ON items.id = named.value WHERE paints IS NOT NULL', [json_encode($ids, JSON_THROW_ON_ERROR)]);
        $inks = $shadows = [];
        foreach ($statement->fetchAll(PDO::FETCH_NUM) as [$id, $x, $y, $w, $h, $paintedX, $paintedY, $paintedW, $paintedH, $paints]) {
            $inks[$id] = $paints === 0 ? null : new Rect((float) $x, (float) $y, (float) $w, (float) $h);
            if ($paints !== 0 && [$x, $y, $w, $h] !== [$paintedX, $paintedY, $paintedW, $paintedH]) {
                $shadows[$id] = new Rect((float) $paintedX, (float) $paintedY, (float) $paintedW, (float) $paintedH);
            }
        }

        return [$inks, $shadows];
    }

    /** @return list<string> ids of everything with points that is shown */
    private function withPoints(string $sheet): array
    {
        $kinds = array_keys(array_filter(Kinds::all(), static fn (Kind $kind): bool => $kind instanceof HasPoints));

        return $this->rows($sheet)->whereIn('kind', $kinds)->where('hidden', 0)->pluck('id')->all();
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
        $items = $this->branches($sheet, [...$named, ...$needs->also, ...$near, ...$needs->points ? $this->withPoints($sheet) : []]);
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
