<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Division;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\SheetGrid;
use AllSquare\Core\Sheet\Words;

/**
 * Sets the layout grid of the sheet (RULES 9). The margins it names are the sheet's. What is not named stays; null takes
 * it away.
 */
final readonly class SetGrid implements Command
{
    /** The sides of the sheet on which columns and rows leave off. */
    private const ENDS = ['columns' => ['left', 'right'], 'rows' => ['top', 'bottom']];

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-grid';
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
        $was = $draft->sheet();
        $margins = $this->margins($draft, $was->margins);
        $grid = new SheetGrid(
            $this->division($draft, 'columns', Axis::X),
            $this->division($draft, 'rows', Axis::Y),
            $this->step($draft, 'module', Axis::X, $was->grid->module),
            $this->step($draft, 'baseline', Axis::Y, $was->grid->baseline),
        );
        $is = $was->with(['margins' => $margins, 'grid' => $grid]);
        $details = [];
        foreach (['columns' => Axis::X, 'rows' => Axis::Y] as $name => $axis) {
            $division = $grid->division($axis);
            if ($division !== null) {
                [$from, $to] = SheetGrid::between($is, $axis);
                $division->mustFit($from, $to, rtrim($name, 's'));
                $details[$name] = self::report($division, $axis === Axis::X ? $is->width() : $is->height(), $from, $to);
            }
        }
        $draft->putSheet($is);

        $isOnlyMargins = array_keys($this->params->all()) === ['margins'] || ($grid->isEmpty() && $was->grid->isEmpty());

        return new Report($isOnlyMargins ? 'Set the margins: '.Words::figures(array_values($margins->toArray())) : self::summary($grid, $details), $items, ['grid' => $details]);
    }

    private function division(Draft $draft, string $name, Axis $axis): ?Division
    {
        $was = $draft->sheet()->grid->division($axis);
        if (! $this->params->has($name)) {
            return $was;
        }
        $given = $this->params->value($name);
        if (! is_array($given)) {
            return null;
        }
        $count = $given['count'] ?? $was->count ?? null;
        $gutter = self::length($given['gutter'] ?? null);

        return is_int($count) || is_float($count)
            ? new Division((int) $count, $gutter === null ? $was->gutter ?? 0.0 : (new Figures($draft))->size($gutter, $axis, "$name.gutter"))
            : throw Refusal::because("Say how many $name there are to be.", $name);
    }

    private function margins(Draft $draft, Margins $was): Margins
    {
        $figures = new Figures($draft);
        $sides = $was->toArray();
        foreach (self::ENDS as $name => $ends) {
            $given = $this->params->value($name);
            if (! is_array($given)) {
                continue;
            }
            foreach ($ends as $side) {
                $length = self::length($given[$side] ?? null);
                if ($length !== null) {
                    $sides[$side] = $figures->size($length, $name === 'columns' ? Axis::X : Axis::Y, "$name.$side");
                }
            }
        }

        $given = $this->params->value('margins');
        foreach (array_keys($sides) as $side) {
            $length = self::length(is_array($given) ? $given[$side] ?? null : null);
            if ($length !== null) {
                $sides[$side] = $figures->size($length, in_array($side, ['left', 'right'], true) ? Axis::X : Axis::Y, "margins.$side");
            }
        }

        return new Margins(...$sides);
    }

    private function step(Draft $draft, string $name, Axis $axis, ?float $was): ?float
    {
        if (! $this->params->has($name)) {
            return $was;
        }
        $given = $this->params->length($name);
        $step = $given === null ? null : (new Figures($draft))->size($given, $axis, $name);
        if ($step !== null && $step < 1.0) {
            throw Refusal::because("The $name grid needs steps of 1 px at least.", $name);
        }

        return $step;
    }

    private static function length(mixed $given): float|string|null
    {
        return is_int($given) || is_float($given) ? (float) $given : (is_string($given) ? $given : null);
    }

    /**
     * @param  float  $extent  the whole side of the sheet, px
     * @return array<string, mixed>
     */
    private static function report(Division $division, float $extent, float $from, float $to): array
    {
        $size = $division->size($from, $to);
        $left = $to - $from - ($division->count - 1) * $division->gutter;

        return [
            'count' => $division->count,
            'size' => Length::round($size),
            'whole' => Length::isWhole($size),
            'remainder' => Length::isWhole($left) ? fmod(Length::round($left), $division->count) : Length::round($left - floor($size) * $division->count),
            'proposals' => Length::isWhole($size) ? [] : $division->proposals($extent, $from, $extent - $to),
        ];
    }

    /** @param  array<string, array<string, mixed>>  $details */
    private static function summary(SheetGrid $grid, array $details): string
    {
        $said = [];
        foreach ($details as $name => $of) {
            $size = is_float($of['size']) ? Spoken::length($of['size']) : '';
            $gutter = ($name === 'columns' ? $grid->columns : $grid->rows)->gutter ?? 0.0;
            $what = $of['count'] === 1 ? rtrim($name, 's') : $name;
            $said[] = (is_int($of['count']) ? $of['count'] : 0)." $what of $size, gutter ".Spoken::length($gutter);
        }
        if ($grid->module !== null) {
            $said[] = 'module '.Spoken::length($grid->module);
        }
        if ($grid->baseline !== null) {
            $said[] = 'baselines every '.Spoken::length($grid->baseline);
        }

        return $said === [] ? 'Took the grid away' : 'Set the grid: '.implode('; ', $said);
    }
}
