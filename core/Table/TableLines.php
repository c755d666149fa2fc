<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Geometry\Length;

/** The rules of a table, and the brackets round it, as path data. */
final readonly class TableLines
{
    private bool $hasSpans;

    public function __construct(private TableLayout $layout)
    {
        $this->hasSpans = $layout->hasSpans();
    }

    /**
     * Rules in the order in which they are painted; whole ones lie on whole pixels. Those at the edges lie within the frame, so that the table is
     * as large as what is seen of it.
     *
     * @return list<array{Rule, string}> each with the path that it is drawn along
     */
    public function rules(): array
    {
        $table = $this->layout->table;
        $rows = count($table->rows);
        $drawn = [];
        foreach ($table->rules as $place => $rule) {
            $drawn[$place] = match ($place) {
                'across' => $this->across(range(1, max(1, $rows - 1)), $rule),
                'down' => $this->down($rule),
                'header' => $this->across([$table->header], $rule),
                'total' => $this->across($table->total > 0 ? [$rows - $table->total] : [], $rule),
                default => $this->outside($rule),
            };
        }
        $order = array_flip(['down', 'across', 'total', 'header', 'outside']);
        uksort($drawn, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);

        return array_map(static fn (string $place): array => [$table->rules[$place], $drawn[$place]], array_keys(array_filter($drawn, static fn (string $path): bool => $path !== '')));
    }

    /** Path data of both brackets, which are outlined; empty where there are none. */
    public function brackets(): string
    {
        $is = $this->layout->table->brackets;
        if ($is->shape === 'none') {
            return '';
        }
        $half = $is->weight / 2;
        [$right, $bottom] = [$this->layout->w, $this->layout->h];
        $inner = $is->shape === 'bars' ? $half : max($half, $is->width);
        $sides = [[$half, $inner], [$right - $half, $right - $inner]];
        $path = '';
        foreach ($sides as [$outer, $tip]) {
            [$x, $at, $top, $end] = array_map(static fn (float $v): string => Length::digits($v, 4), [$outer, $tip, $half, $bottom - $half]);
            $path .= match ($is->shape) {
                'square' => "M$at {$top}H{$x}V{$end}H$at",
                'round' => "M$at {$top}C$x ".Length::digits($bottom * 0.3, 4)." $x ".Length::digits($bottom * 0.7, 4)." $at $end",
                default => "M$x 0V".Length::digits($bottom, 4),
            };
        }

        return $path;
    }

    private function outside(Rule $rule): string
    {
        $half = $rule->weight / 2;
        $reach = $this->layout->table->brackets->reach();
        [$left, $top, $right, $bottom] = array_map(static fn (float $v): string => Length::digits($v, 4), [$reach + $half, $half, $this->layout->w - $reach - $half, $this->layout->h - $half]);

        return "M$left {$top}H{$right}V{$bottom}H{$left}Z";
    }

    /** @param  list<int>  $before  rows above which a rule is drawn */
    private function across(array $before, Rule $rule): string
    {
        $layout = $this->layout;
        [$rows, $columns] = [count($layout->heights), count($layout->widths)];
        $path = '';
        foreach ($before as $row) {
            if ($row < 1 || $row >= $rows) {
                continue;
            }
            $y = self::centre($layout->tops[$row - 1] + $layout->heights[$row - 1], $layout->tops[$row], $rule->weight);
            $path .= $this->runs($columns, fn (int $c): bool => $this->joins($row - 1, $c, $row, $c), fn (int $c): float => $layout->lefts[$c], fn (int $c): float => $layout->lefts[$c] + $layout->widths[$c], $y, 'H');
        }

        return $path;
    }

    private function down(Rule $rule): string
    {
        $layout = $this->layout;
        [$rows, $columns] = [count($layout->heights), count($layout->widths)];
        $path = '';
        for ($column = 1; $column < $columns; $column++) {
            $x = self::centre($layout->lefts[$column - 1] + $layout->widths[$column - 1], $layout->lefts[$column], $rule->weight);
            $path .= $this->runs($rows, fn (int $r): bool => $this->joins($r, $column - 1, $r, $column), fn (int $r): float => $layout->tops[$r], fn (int $r): float => $layout->tops[$r] + $layout->heights[$r], $x, 'V');
        }

        return $path;
    }

    /**
     * One line along all of a row's or column's edge, but for where something goes across it.
     *
     * @param  callable(int): bool  $isBroken
     * @param  callable(int): float  $start
     * @param  callable(int): float  $end
     */
    private function runs(int $count, callable $isBroken, callable $start, callable $end, float $at, string $way): string
    {
        if (! $this->hasSpans) {
            return self::line($start(0), $end($count - 1), $at, $way);
        }
        $path = '';
        $from = null;
        for ($i = 0; $i <= $count; $i++) {
            $ends = $i === $count || $isBroken($i);
            if (! $ends) {
                $from ??= $i;
            } elseif ($from !== null) {
                $path .= self::line($start($from), $end($i - 1), $at, $way);
                $from = null;
            }
        }

        return $path;
    }

    private static function line(float $from, float $to, float $at, string $way): string
    {
        [$a, $b, $c] = array_map(static fn (float $v): string => Length::digits($v, 4), [$from, $to, $at]);

        return $way === 'H' ? "M$a {$c}H$b" : "M$c {$a}V$b";
    }

    /** Whether two places are of one cell that goes across both. */
    private function joins(int $row, int $column, int $otherRow, int $otherColumn): bool
    {
        if (! $this->hasSpans) {
            return false;
        }
        $at = $this->layout->seenAt($row, $column);

        return $at !== null && $at === $this->layout->seenAt($otherRow, $otherColumn);
    }

    /** The middle of the gap; a rule of whole px has both its edges on whole px. */
    private static function centre(float $end, float $start, float $weight): float
    {
        $lead = ($end + $start - $weight) / 2;

        return (Length::isWhole($weight) ? floor($lead + 0.5 - 1e-6) : $lead) + $weight / 2;
    }
}
