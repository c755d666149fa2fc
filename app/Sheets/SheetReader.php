<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Sheet;

/** A whole sheet as JSON: always the same bytes for the same sheet, items in tree order. */
final readonly class SheetReader
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    public function __construct(private Answers $answers, private ItemsJson $items)
    {
    }

    public function json(Sheet $sheet): string
    {
        $around = (string) json_encode([
            'sheet' => $this->answers->sheet($sheet),
            ...$this->answers->belongings($sheet),
            'revision' => $sheet->revision,
        ], self::FLAGS);

        return '{"items":'.$this->items->of($sheet->id).','.substr($around, 1);
    }
}
