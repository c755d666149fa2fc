<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Text\Setting\LetterStyle;
use Closure;

/** The style of each cell: what is said of all of the table, of its column, of the part it is in, of its row, and of it alone, the later going before. */
final class CellStyles
{
    /** @var array<string, CellStyle> by what is said */
    private array $made = [];

    /** @var array<int, CellStyle|null> of cells of which nothing is said alone, by row and column */
    private array $plain = [];

    private readonly int $columns;

    /** @var array<int, int|string> by row: rows that look alike have one */
    private array $rowKeys = [];

    /** @var array<string, CellStyle> */
    private array $byRowKey = [];

    /**
     * @param  array<string, mixed>  $base  what letters and lines of the table are like, by name
     * @param  Closure(array<string, mixed>): LetterStyle  $letters  makes the style of letters of such values
     */
    public function __construct(private readonly TableData $table, private readonly array $base, private readonly Closure $letters)
    {
        $this->columns = count($table->columns);
        $body = 0;
        foreach ($table->rows as $r => $row) {
            $part = $table->part($r, $table->heads);
            $stripe = $part === 'body' && $table->zebra !== null && $body++ % 2 === 1;
            $this->rowKeys[$r] = $row->look->isEmpty() ? $part.($stripe ? '/' : '') : $r;
        }
    }

    public function of(int $row, int $column): CellStyle
    {
        if ($this->table->cells[$row][$column]->look->values !== []) {
            return $this->style($row, $column);
        }
        $at = $row * $this->columns + $column;

        return $this->plain[$at] ??= $this->byRowKey["{$this->rowKeys[$row]} $column"] ??= $this->style($row, $column);
    }

    /** @return array<string, mixed> what is said of the letters and lines of a cell, by name */
    public function values(int $row, int $column): array
    {
        $table = $this->table;
        $part = $table->part($row, $column);
        $key = $this->rowKeys[$row];
        $isStripe = is_string($key) ? str_ends_with($key, '/') : ($part === 'body' && $table->zebra !== null && ($row - $table->header) % 2 === 1);

        $ofColumn = $table->columns[$column]->look->values;
        // Words over numbers end where these do.
        $ofColumn = $part === 'header' && ($ofColumn['align'] ?? '') === 'decimal' ? ['align' => 'end'] + $ofColumn : $ofColumn;

        return [
            ...$this->base,
            ...($table->looks['body']->values ?? []),
            ...($isStripe ? ['ground' => $table->zebra] : []),
            ...$ofColumn,
            ...($part === 'body' ? [] : $table->looks[$part]->values ?? []),
            ...$table->rows[$row]->look->values,
            ...$table->cells[$row][$column]->look->values,
        ];
    }

    private function style(int $row, int $column): CellStyle
    {
        $values = $this->values($row, $column);
        $key = json_encode($values, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);

        return $this->made[$key] ??= $this->made($values);
    }

    private static function px(mixed $length): float
    {
        return is_numeric($length) ? (float) $length : 0.0;
    }

    /** @param  array<string, mixed>  $values */
    private function made(array $values): CellStyle
    {
        $padding = $values['padding'] ?? $this->table->padding;
        $lines = array_intersect_key($values, array_flip([...CellLook::LETTERS, 'line_height']));

        return new CellStyle(
            hash('xxh64', json_encode($lines, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)),
            ($this->letters)($values),
            is_numeric($values['line_height'] ?? null) ? (float) $values['line_height'] : 1.3,
            CellAlign::tryFrom(is_string($values['align'] ?? null) ? $values['align'] : '') ?? CellAlign::Start,
            CellStand::tryFrom(is_string($values['stand'] ?? null) ? $values['stand'] : '') ?? CellStand::Middle,
            is_array($padding) && count($padding) === 4 ? [self::px($padding[0] ?? 0), self::px($padding[1] ?? 0), self::px($padding[2] ?? 0), self::px($padding[3] ?? 0)] : $this->table->padding,
            $values['ground'] ?? null,
        );
    }
}
