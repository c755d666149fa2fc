<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Field\SidesField;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\Brackets;
use AllSquare\Core\Table\Rule;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TablePresets;

/** Changes how a table is set out: header, totals, padding, gaps, rules, stripes, brackets. What is not said stays. */
final readonly class SetTable implements Command, GoesOn
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-table';
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
        $given = $this->params->all();
        if ($given === []) {
            throw Refusal::because('Say what of the table is to change.', 'params');
        }
        $table = $parts->table();
        $preset = $this->params->word('preset');
        $table = $preset === null ? $table : TablePresets::put($preset, $table);
        $figures = new Figures($draft);
        $changes = array_intersect_key($given, array_flip(['header', 'total', 'heads', 'zebra', 'decimal', 'repeats']));
        if (isset($given['padding'])) {
            $changes['padding'] = $this->padding($figures);
        }
        $gaps = $table->gaps;
        foreach (['column_gap' => [0, Axis::X], 'row_gap' => [1, Axis::Y]] as $name => [$i, $axis]) {
            $gap = $this->params->length($name);
            $gaps[$i] = $gap === null ? $gaps[$i] : $figures->within($figures->size($gap, $axis, $name), $axis, $name, TableData::MOST_GAP);
        }
        $changes['gaps'] = $gaps;
        if (is_array($given['rules'] ?? null)) {
            $changes['rules'] = self::rules($table, $given['rules']);
        }
        if (is_array($given['brackets'] ?? null)) {
            $changes['brackets'] = Brackets::read($given['brackets'] + $table->brackets->toArray());
        }
        // Parts that are asked for are there as far as there are rows and columns for them.
        $is = $parts->put($table->with($changes));

        return new Report('Set '.Words::quoted($is).': '.implode(', ', array_map(fn (string $name): string => $this->said($name, TableParts::of($draft, [$is->id])->table()), array_keys($given))), $selected->ids);
    }

    /** @return array{float, float, float, float} */
    private function padding(Figures $figures): array
    {
        $padding = $this->params->value('padding');
        if (! is_array($padding)) {
            $all = $figures->within($figures->size($this->params->length('padding') ?? 0.0, Axis::X, 'padding'), Axis::X, 'padding', TableData::MOST_GAP);

            return [$all, $all, $all, $all];
        }
        $axes = [Axis::Y, Axis::X, Axis::Y, Axis::X];

        return SidesField::of(array_map(static fn (mixed $side, Axis $axis): float => $figures->within($figures->size(is_string($side) ? $side : (is_numeric($side) ? (float) $side : 0.0), $axis, 'padding'), $axis, 'padding', TableData::MOST_GAP), array_values($padding), $axes));
    }

    /**
     * @param  array<mixed>  $given  by place; null takes one away
     * @return array<string, Rule>
     */
    private static function rules(TableData $table, array $given): array
    {
        $rules = $table->rules;
        foreach (TableData::RULES as $place) {
            if (array_key_exists($place, $given)) {
                $rule = Rule::read($given[$place]);
                unset($rules[$place]);
                $rules += $rule === null ? [] : [$place => $rule];
            }
        }
        ksort($rules);

        return $rules;
    }

    private function said(string $name, TableData $table): string
    {
        $count = static fn (int $count, Axis $axis, string $of): string => $count === 0 ? "no $of" : sprintf('%d %s of %s', $count, TableParts::noun($axis, $count), $of);

        return match ($name) {
            'header' => $table->header === 0 ? 'no header' : ($table->header === 1 ? 'a header' : $count($table->header, Axis::Y, 'header')),
            'total' => $table->total === 0 ? 'no totals' : ($table->total === 1 ? 'a total row' : $count($table->total, Axis::Y, 'totals')),
            'heads' => $count($table->heads, Axis::X, 'heads'),
            'padding' => 'padding '.implode(' ', array_map(Spoken::length(...), count(array_unique($table->padding)) === 1 ? [$table->padding[0]] : $table->padding)),
            'column_gap' => 'columns '.Spoken::length($table->gaps[0]).' apart',
            'row_gap' => 'rows '.Spoken::length($table->gaps[1]).' apart',
            'zebra' => $table->zebra === null ? 'no stripes' : 'stripes',
            'rules' => $table->rules === [] ? 'no rules' : 'rules',
            'brackets' => match ($table->brackets->shape) {
                'none' => 'no brackets',
                'bars' => 'between bars',
                default => "in {$table->brackets->shape} brackets",
            },
            'preset' => (string) $this->params->word('preset'),
            'decimal' => $table->decimal === ',' ? 'decimal commas' : 'decimal points',
            'repeats' => $table->repeats ? 'the header on every sheet' : 'the header once',
            default => $name,
        };
    }
}
