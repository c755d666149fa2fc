<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Sheet\Belongings;
use App\Models\BelongingModels;
use App\Models\Item;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use App\Storage\ItemRows;
use App\Storage\RowStatements;
use App\Storage\UlidSource;
use Illuminate\Support\Facades\DB;

/** Copies a sheet row by row, with new ids. The copy is marked as removed until a line of the history puts it there. */
final readonly class SheetCopier
{
    public function __construct(private SheetLoader $loader, private UlidSource $ids)
    {
    }

    public function copy(Sheet $sheet, string $name, ?string $document = null): Sheet
    {
        $copy = $sheet->replicate()->fill(['name' => $name, 'removed' => $document === null, 'revision' => 0, 'document_id' => $document ?? $sheet->document_id, 'page' => $document === null ? null : $sheet->page, 'variant' => null]);
        $copy->id = $this->ids->next();
        $copy->save();
        $ids = $this->items($sheet->id, $copy->id, ofPage: $document !== null);
        $statements = new RowStatements(DB::connection());
        foreach (array_filter(Belongings::SORTS, static fn (string $sort): bool => ! $sort::isOfDocument()) as $sort) {
            foreach ($this->loader->belongings($sort, $sheet) as $one) {
                $one = $one->renamed($this->ids->next(), $ids);
                $statements->insert($sort::sort(), $one->id(), ['sheet_id' => $copy->id, ...BelongingModels::of($sort)::columns($one)]);
            }
        }

        return $copy;
    }

    /** What was one with things at other widths of the page is so no more; it is known what it was copied from. */
    private static function alone(string $fields, string $id): string
    {
        $values = (array) json_decode($fields, true, flags: JSON_THROW_ON_ERROR);
        if (($values['twin']['zone'] ?? null) === 'page') {
            $values['twin'] = null;
        }
        $values['source'] ??= $id;

        return ItemRows::stored($values);
    }

    /**
     * The items of one sheet as items of another.
     *
     * @param  bool  $ofPage  whether those of a page with several widths stay so
     */
    private function items(string $from, string $to, bool $ofPage): Renaming
    {
        $ids = [];
        foreach (Item::query()->toBase()->where('sheet_id', $from)->pluck('id') as $id) {
            $ids[$id] = $this->ids->next();
        }
        Item::query()->toBase()->where('sheet_id', $from)->orderBy('id')->chunk(200, static function ($rows) use ($ids, $to, $ofPage): void {
            DB::table('items')->insert($rows->map(static fn ($row): array => [
                ...(array) $row,
                ...($ofPage ? [] : ['props' => self::alone((string) $row->props, $row->id)]),
                'id' => $ids[$row->id],
                'sheet_id' => $to,
                'parent_id' => $row->parent_id === null ? null : $ids[$row->parent_id],
            ])->all());
        });

        return new Renaming($ids);
    }
}
