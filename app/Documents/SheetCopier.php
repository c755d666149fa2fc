<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Item;
use App\Models\Sheet;
use App\Sheets\UlidSource;
use Illuminate\Support\Facades\DB;

/** Copies a sheet row by row, with new ids. The copy is marked as removed until a line of the history puts it there. */
final readonly class SheetCopier
{
    public function __construct(private UlidSource $ids)
    {
    }

    public function copy(Sheet $sheet, string $name, ?string $document = null): Sheet
    {
        $copy = $sheet->replicate()->fill(['name' => $name, 'removed' => $document === null, 'revision' => 0, 'document_id' => $document ?? $sheet->document_id]);
        $copy->id = $this->ids->next();
        $copy->save();
        $ids = $this->items($sheet->id, $copy->id);
        foreach (DB::table('guides')->where('sheet_id', $sheet->id)->orderBy('id')->get() as $row) {
            DB::table('guides')->insert([...(array) $row, 'id' => $this->ids->next(), 'sheet_id' => $copy->id]);
        }
        foreach (DB::table('slices')->where('sheet_id', $sheet->id)->orderBy('id')->get() as $row) {
            DB::table('slices')->insert([...(array) $row, 'id' => $this->ids->next(), 'sheet_id' => $copy->id, 'cut' => self::cut($row->cut, $ids)]);
        }
        foreach (DB::table('dimensions')->where('sheet_id', $sheet->id)->orderBy('id')->get() as $row) {
            DB::table('dimensions')->insert([...(array) $row, 'id' => $this->ids->next(), 'sheet_id' => $copy->id, 'a' => $ids[$row->a] ?? $row->a, 'b' => $ids[$row->b] ?? $row->b]);
        }

        return $copy;
    }

    /** @param  array<string, string>  $ids  the new ids by the old */
    private static function cut(?string $cut, array $ids): ?string
    {
        if ($cut === null) {
            return null;
        }
        $data = json_decode($cut, true, flags: JSON_THROW_ON_ERROR);
        $data['items'] = array_map(static fn (string $id): string => $ids[$id] ?? $id, $data['items'] ?? []);

        return json_encode($data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array<string, string> the new ids by the old */
    private function items(string $from, string $to): array
    {
        $ids = [];
        foreach (Item::query()->toBase()->where('sheet_id', $from)->pluck('id') as $id) {
            $ids[$id] = $this->ids->next();
        }
        Item::query()->toBase()->where('sheet_id', $from)->orderBy('id')->chunk(200, static function ($rows) use ($ids, $to): void {
            DB::table('items')->insert($rows->map(static fn ($row): array => [
                ...(array) $row,
                'id' => $ids[$row->id],
                'sheet_id' => $to,
                'parent_id' => $row->parent_id === null ? null : $ids[$row->parent_id],
            ])->all());
        });

        return $ids;
    }
}
