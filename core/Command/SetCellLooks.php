<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\CellLook;
use AllSquare\Core\Table\TableData;

/** Says how cells look: some of them, whole columns or rows, or a part of the table. What is said closer to a cell goes before. */
final readonly class SetCellLooks implements Command, GoesOn
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-cell-looks';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $parts = TableParts::of($draft, $selected->free);
        $given = $this->params->value('looks');
        $looks = [];
        foreach (is_array($given) ? $given : [] as $name => $value) {
            if (in_array($name, CellLook::NAMES, true)) {
                $field = TypeFields::ofRuns()[$name] ?? null;
                $looks[$name] = $value === null || $field === null ? $value : $field->stored($field->taken($value, $draft->fonts));
            }
        }
        if ($looks === []) {
            throw Refusal::because('Say what of the looks is to change.', 'looks');
        }
        [$table, $where] = $this->changed($parts, $looks);
        $parts->put($table);
        $said = implode(', ', array_map(self::said(...), array_keys($looks), $looks));

        return new Report(sprintf('Set %s of %s: %s', $where, Words::quoted($parts->item), $said), $selected->ids);
    }

    /**
     * @param  array<string, mixed>  $looks
     * @return array{TableData, string}
     */
    private function changed(TableParts $parts, array $looks): array
    {
        $table = $parts->table();
        $part = $this->params->word('part');
        if ($part !== null) {
            $all = $table->looks;
            $all[$part] = ($all[$part] ?? new CellLook)->with($looks);
            $all = array_filter($all, static fn (CellLook $look): bool => ! $look->isEmpty());
            ksort($all);

            return [$table->with(['looks' => $all]), ['header' => 'the header', 'total' => 'the totals', 'head' => 'the heads', 'body' => 'all cells'][$part] ?? $part];
        }
        foreach ([[Axis::X, 'columns'], [Axis::Y, 'rows']] as [$axis, $name]) {
            $named = $this->params->value($name);
            if (is_array($named)) {
                $which = $parts->tracks($axis, array_values(array_filter($named, is_int(...))), $name);
                $tracks = $name === 'columns' ? $table->columns : $table->rows;
                foreach ($which as $i) {
                    $tracks[$i] = $tracks[$i]->looking($tracks[$i]->look->with($looks));
                }

                return [$table->with([$name => $tracks]), TableParts::said($axis, $which)];
            }
        }
        $area = $this->params->value('area');
        if (! is_array($area)) {
            throw Refusal::because('Whose looks? Name an area, columns, rows or a part.', 'area');
        }
        $figure = static fn (string $name, int $otherwise): int => is_int($area[$name] ?? null) ? $area[$name] : $otherwise;
        [$row, $column, $rows, $columns] = [$figure('row', 0), $figure('column', 0), $figure('rows', 1), $figure('columns', 1)];
        $parts->check($row, $column, 'area');
        $parts->check($row + $rows - 1, $column + $columns - 1, 'area');
        $cells = $table->cells;
        for ($r = $row; $r < $row + $rows; $r++) {
            for ($c = $column; $c < $column + $columns; $c++) {
                $cells[$r][$c] = $cells[$r][$c]->looking($cells[$r][$c]->look->with($looks));
            }
        }

        return [$table->with(['cells' => $cells]), $rows * $columns === 1 ? sprintf('row %d, column %d', $row + 1, $column + 1) : $rows * $columns.' cells'];
    }

    private static function said(string $name, mixed $value): string
    {
        $word = match ($name) {
            'align' => match ($value) {
                'decimal' => 'decimal signs on one line',
                'start' => 'at the left',
                'end' => 'at the right',
                default => 'in the middle',
            },
            'stand' => match ($value) {
                'baseline' => 'on one baseline',
                default => 'at the '.(is_string($value) ? $value : ''),
            },
            'ground' => 'fill',
            default => str_replace('_', ' ', $name),
        };

        return $value === null ? str_replace('_', ' ', $name === 'ground' ? 'fill' : $name).' as the others' : match (true) {
            in_array($name, ['align', 'stand'], true), is_array($value), is_bool($value) => $word,
            default => "$word ".(is_scalar($value) ? (string) $value : ''),
        };
    }
}
