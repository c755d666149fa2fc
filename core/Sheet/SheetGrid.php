<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;

/**
 * The layout grid of a sheet: columns and rows between its margins, a module, and a baseline grid (RULES 9).
 * The module counts from the sheet's top left, the baselines from its top margin.
 */
final readonly class SheetGrid
{
    /**
     * @param  float|null  $module  px, more than 0
     * @param  float|null  $baseline  px from one line of type to the next, more than 0
     */
    public function __construct(public ?Division $columns = null, public ?Division $rows = null, public ?float $module = null, public ?float $baseline = null)
    {
    }

    public function division(Axis $axis): ?Division
    {
        return $axis === Axis::X ? $this->columns : $this->rows;
    }

    /** @return array{float, float} where the margins of a sheet leave off and begin again along an axis, px */
    public static function between(Sheet $sheet, Axis $axis): array
    {
        return $axis === Axis::X
            ? [$sheet->margins->left, $sheet->width() - $sheet->margins->right]
            : [$sheet->margins->top, $sheet->height() - $sheet->margins->bottom];
    }

    /** @return list<array{float, float}> the edges of the sheet's columns (axis x) or rows, px; none where they do not fit any more */
    public static function spans(Sheet $sheet, Axis $axis): array
    {
        [$from, $to] = self::between($sheet, $axis);
        $division = $sheet->grid->division($axis);

        return $division !== null && $division->fits($from, $to) ? $division->spans($from, $to, $sheet->wholePixels) : [];
    }

    /** @return list<float> the lines of the baseline grid on a sheet, px from its top */
    public static function baselines(Sheet $sheet): array
    {
        $step = $sheet->grid->baseline;
        $lines = [];
        if ($step !== null) {
            for ($i = 0; ($at = Length::round($sheet->margins->top + $i * $step)) <= $sheet->height() && count($lines) < 10_000; $i++) {
                $lines[] = $at;
            }
        }

        return $lines;
    }

    public function isEmpty(): bool
    {
        return $this->columns === null && $this->rows === null && $this->module === null && $this->baseline === null;
    }

    /** @return array{columns: array{count: int, gutter: float}|null, rows: array{count: int, gutter: float}|null, module: float|null, baseline: float|null} */
    public function toArray(): array
    {
        $division = static fn (?Division $of): ?array => $of === null ? null : ['count' => $of->count, 'gutter' => $of->gutter];

        return ['columns' => $division($this->columns), 'rows' => $division($this->rows), 'module' => $this->module, 'baseline' => $this->baseline];
    }

    /** @param  array<string, mixed>  $data  as toArray() gave it */
    public static function fromArray(array $data): self
    {
        $division = static function (mixed $of): ?Division {
            $count = is_array($of) ? $of['count'] ?? null : null;
            $gutter = is_array($of) ? $of['gutter'] ?? null : null;

            return is_int($count) && is_numeric($gutter) ? new Division($count, (float) $gutter) : null;
        };
        $length = static fn (mixed $of): ?float => is_numeric($of) ? (float) $of : null;

        return new self($division($data['columns'] ?? null), $division($data['rows'] ?? null), $length($data['module'] ?? null), $length($data['baseline'] ?? null));
    }
}
