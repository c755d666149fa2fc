<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use JsonSerializable;

/**
 * What a table holds and how it is set out, without its frame (RULES 19).
 *
 * The first rows may be its header, the last its totals, the first columns their heads. Of each of these parts a look can be said,
 * as of all of it (`body`).
 */
final readonly class TableData implements JsonSerializable
{
    public const PARTS = ['body', 'head', 'header', 'total'];

    public const RULES = ['outside', 'across', 'down', 'header', 'total'];

    /** px */
    public const MOST_GAP = 1_000.0;

    /**
     * @param  non-empty-list<Track>  $columns
     * @param  non-empty-list<Track>  $rows
     * @param  non-empty-list<list<Cell>>  $cells  by row and column
     * @param  int  $header  rows, at most all of them
     * @param  int  $total  rows at the end, at most those that are no header
     * @param  int  $heads  columns
     * @param  array{float, float, float, float}  $padding  px of every cell, clockwise from the top
     * @param  array{float, float}  $gaps  px between columns and between rows
     * @param  array<string, Rule>  $rules  by place, of RULES
     * @param  array<string, CellLook>  $looks  by part, of PARTS
     * @param  mixed  $zebra  a colour behind every other row of the body, as it is stored; null for none
     * @param  string  $decimal  the sign before decimals
     * @param  bool  $repeats  whether the header stands on every sheet that it is continued on
     * @param  CsvForm|null  $form  how the list that it was made of was written
     * @param  bool  $whole  whether columns and rows end on whole px
     */
    public function __construct(
        public array $columns,
        public array $rows,
        public array $cells,
        public int $header = 0,
        public int $total = 0,
        public int $heads = 0,
        public array $padding = [6.0, 10.0, 6.0, 10.0],
        public array $gaps = [0.0, 0.0],
        public array $rules = [],
        public array $looks = [],
        public mixed $zebra = null,
        public Brackets $brackets = new Brackets,
        public string $decimal = '.',
        public bool $repeats = true,
        public ?CsvForm $form = null,
        public bool $whole = true,
    ) {
    }

    /**
     * Empty, of so many columns that share its width and rows as high as what is in them.
     *
     * @param  int<1, max>  $columns
     * @param  int<1, max>  $rows
     */
    public static function empty(int $columns, int $rows): self
    {
        return self::of(array_fill(0, $rows, array_fill(0, $columns, '')));
    }

    /**
     * @param  non-empty-list<list<string>>  $words  rows of one length
     * @param  Track|null  $column  what every column is
     */
    public static function of(array $words, ?Track $column = null): self
    {
        return new self(
            array_fill(0, max(1, count($words[0])), $column ?? Track::share()),
            array_fill(0, count($words), new Track),
            array_map(static fn (array $row): array => array_map(static fn (string $text): Cell => new Cell($text), $row), $words),
        );
    }

    /** @param  array<string, mixed>  $changes  by name */
    public function with(array $changes): self
    {
        // @phpstan-ignore argument.type (by their names, of their types)
        $is = new self(...[...get_object_vars($this), ...$changes]);
        $header = max(0, min($is->header, count($is->rows)));
        $total = max(0, min($is->total, count($is->rows) - $header));
        $heads = max(0, min($is->heads, count($is->columns)));

        return $header === $is->header && $total === $is->total && $heads === $is->heads ? $is : $is->with(['header' => $header, 'total' => $total, 'heads' => $heads]);
    }

    /** The part that a cell is in. */
    public function part(int $row, int $column): string
    {
        return match (true) {
            $row < $this->header => 'header',
            $row >= count($this->rows) - $this->total => 'total',
            $column < $this->heads => 'head',
            default => 'body',
        };
    }

    /**
     * Which cell is seen in each place: itself, or the one that goes across it.
     *
     * @return array<int, array{int, int}> row and column of that one, by row × columns + column; only of what is covered
     */
    public function covered(): array
    {
        $covered = [];
        [$rows, $columns] = [count($this->rows), count($this->columns)];
        foreach ($this->cells as $r => $row) {
            foreach ($row as $c => $cell) {
                if ($cell->columns === 1 && $cell->rows === 1 || isset($covered[$r * $columns + $c])) {
                    continue;
                }
                for ($y = $r, $bottom = min($rows, $r + $cell->rows); $y < $bottom; $y++) {
                    for ($x = $c, $right = min($columns, $c + $cell->columns); $x < $right; $x++) {
                        if ($x !== $c || $y !== $r) {
                            $covered[$y * $columns + $x] = [$r, $c];
                        }
                    }
                }
            }
        }

        return $covered;
    }

    /** @return list<list<string>> what its cells say, by row and column */
    public function words(): array
    {
        return array_map(static fn (array $row): array => array_map(static fn (Cell $cell): string => $cell->text, $row), $this->cells);
    }

    public static function read(mixed $stored): ?self
    {
        if (! is_array($stored) || ! is_array($stored['columns'] ?? null) || ! is_array($stored['rows'] ?? null) || $stored['columns'] === [] || $stored['rows'] === []) {
            return null;
        }
        $columns = array_map(Track::read(...), array_values($stored['columns']));
        $rows = array_map(Track::read(...), array_values($stored['rows']));
        $given = is_array($stored['cells'] ?? null) ? array_values($stored['cells']) : [];
        $blank = new Cell;
        $cells = [];
        for ($r = 0; $r < count($rows); $r++) {
            $row = is_array($given[$r] ?? null) ? $given[$r] : [];
            $line = [];
            foreach ($columns as $c => $column) {
                $cell = $row[$c] ?? '';
                $line[] = $cell === '' ? $blank : Cell::read($cell);
            }
            $cells[] = $line;
        }
        assert($cells !== []);
        $is = new self($columns, $rows, $cells);
        $count = static fn (string $name): int => is_int($stored[$name] ?? null) ? $stored[$name] : 0;
        $looks = array_filter(array_map(CellLook::read(...), array_intersect_key(is_array($stored['looks'] ?? null) ? $stored['looks'] : [], array_flip(self::PARTS))), static fn (CellLook $look): bool => ! $look->isEmpty());
        $rules = array_filter(array_map(Rule::read(...), array_intersect_key(is_array($stored['rules'] ?? null) ? $stored['rules'] : [], array_flip(self::RULES))));
        ksort($looks);
        ksort($rules);

        return $is->with([
            'header' => $count('header'), 'total' => $count('total'), 'heads' => $count('heads'),
            'padding' => self::numbers($stored['padding'] ?? null, $is->padding), 'gaps' => self::numbers($stored['gaps'] ?? null, $is->gaps),
            'rules' => $rules, 'looks' => $looks, 'zebra' => $stored['zebra'] ?? null, 'brackets' => Brackets::read($stored['brackets'] ?? null),
            'decimal' => ($stored['decimal'] ?? '.') === ',' ? ',' : '.', 'repeats' => ($stored['repeats'] ?? true) === true, 'whole' => ($stored['whole'] ?? true) === true,
            'form' => isset($stored['form']) ? CsvForm::read($stored['form']) : null,
        ]);
    }

    /** @return array<string, mixed> as it is stored: what is as it is at first is left out */
    public function toArray(): array
    {
        return Written::of($this, $this->write(...));
    }

    /** Whether something lies behind any of its cells. */
    public function hasGrounds(): bool
    {
        $has = static fn (CellLook $look): bool => isset($look->values['ground']);
        foreach ([$this->looks, array_map(static fn (Track $track): CellLook => $track->look, [...$this->columns, ...$this->rows])] as $looks) {
            if (array_filter($looks, $has) !== []) {
                return true;
            }
        }
        foreach ($this->zebra === null ? $this->cells : [] as $row) {
            foreach ($row as $cell) {
                if ($cell->look->values !== [] && $has($cell->look)) {
                    return true;
                }
            }
        }

        return $this->zebra !== null;
    }

    /** @return array<string, mixed> */
    private function write(): array
    {
        $written = [
            'columns' => array_map(static fn (Track $track): string|array => $track->stored(), $this->columns),
            'rows' => array_map(static fn (Track $track): string|array => $track->stored(), $this->rows),
            'cells' => array_map(static fn (array $row): array => array_map(static fn (Cell $cell): string|array => $cell->stored(), $row), $this->cells),
            'padding' => $this->padding,
        ];
        foreach (['header' => 0, 'total' => 0, 'heads' => 0, 'gaps' => [0.0, 0.0], 'zebra' => null, 'decimal' => '.', 'repeats' => true, 'whole' => true] as $name => $default) {
            $written += $this->{$name} === $default ? [] : [$name => $this->{$name}];
        }

        return $written
            + ($this->rules === [] ? [] : ['rules' => array_map(static fn (Rule $rule): array => $rule->toArray(), $this->rules)])
            + ($this->looks === [] ? [] : ['looks' => array_map(static fn (CellLook $look): array => $look->values, $this->looks)])
            + ($this->brackets->shape === 'none' ? [] : ['brackets' => $this->brackets->toArray()])
            + ($this->form === null ? [] : ['form' => $this->form->toArray()]);
    }

    /**
     * @template T of list<float>
     *
     * @param  T  $default
     * @return T
     */
    private static function numbers(mixed $stored, array $default): array
    {
        // @phpstan-ignore return.type (as many as the default)
        return is_array($stored) && count($stored) === count($default) ? array_map(static fn (mixed $v): float => is_numeric($v) ? max(0.0, min(self::MOST_GAP, (float) $v)) : 0.0, array_values($stored)) : $default;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }
}
