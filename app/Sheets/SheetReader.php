<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Item;
use App\Models\Sheet;
use stdClass;

/** A whole sheet as JSON: always the same bytes for the same sheet, items in tree order. */
final readonly class SheetReader
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    public function __construct(private Answers $answers)
    {
    }

    public function json(Sheet $sheet): string
    {
        $rows = Item::query()->toBase()->where('sheet_id', $sheet->id)->orderBy('rank')->orderBy('id')->get(ItemRows::answerColumns());
        $children = [];
        foreach ($rows as $row) {
            $children[$row->parent_id ?? ''][] = $row;
        }

        return (string) json_encode([
            'sheet' => $this->answers->sheet($sheet),
            'items' => self::inOrder($children, ''),
            'guides' => $this->answers->guides($sheet->id),
            'grids' => $this->answers->grids($sheet->document_id),
            'presets' => $this->answers->presets($sheet->document_id),
            'dimensions' => $this->answers->dimensions($sheet->id),
            'slices' => $this->answers->slices($sheet->id),
            'revision' => $sheet->revision,
        ], self::FLAGS);
    }

    /**
     * @param  array<string, list<stdClass>>  $children  by parent id
     * @return list<array<string, mixed>>
     */
    private static function inOrder(array $children, string $parent): array
    {
        $items = [];
        foreach ($children[$parent] ?? [] as $row) {
            $items[] = ItemRows::toAnswer($row);
            if (isset($children[$row->id])) {
                array_push($items, ...self::inOrder($children, $row->id));
            }
        }

        return $items;
    }
}
