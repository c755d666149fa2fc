<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Rows and columns of cells (RULES 7). Along each axis either the gap is exact, or the extent is and the gaps are equal within it. */
final readonly class BlockLayout implements Layout
{
    /**
     * @param  float  $x  left of the first cell, px
     * @param  float|null  $columnGap  null where the width is given
     * @param  float|null  $width  of the whole block, px
     * @param  bool  $fit  cells as wide as their column and as high as their row, instead of all alike
     * @param  NinePoint  $place  of a member in its cell
     */
    public function __construct(
        private int $count,
        private int $columns,
        private float $x,
        private float $y,
        private ?float $columnGap,
        private ?float $rowGap,
        private ?float $width,
        private ?float $height,
        private bool $fit,
        private NinePoint $place,
        private int $originals,
    ) {
    }

    public static function word(): string
    {
        return 'block';
    }

    public static function fromArray(array $stored): self
    {
        $fields = new LayoutNumbers($stored);

        return new self(
            $fields->count('count'), max(1, $fields->count('columns')), $fields->number('x'), $fields->number('y'),
            $fields->optional('column_gap'), $fields->optional('row_gap'), $fields->optional('width'), $fields->optional('height'),
            $fields->word('cell', 'uniform') === 'fit', NinePoint::tryFrom($fields->word('place', '')) ?? NinePoint::TopLeft, max(1, $fields->count('originals')),
        );
    }

    public function toArray(): array
    {
        return [
            'kind' => self::word(), 'count' => $this->count, 'columns' => $this->columns, 'rows' => $this->rows(), 'x' => $this->x, 'y' => $this->y,
            'column_gap' => $this->columnGap, 'row_gap' => $this->rowGap, 'width' => $this->width, 'height' => $this->height,
            'cell' => $this->fit ? 'fit' : 'uniform', 'place' => $this->place->value, 'originals' => $this->originals,
        ];
    }

    public function count(): int
    {
        return $this->count;
    }

    public function originalAt(int $place): int
    {
        return $place % $this->originals;
    }

    public function lay(Draft $draft, Mover $mover, array $members): void
    {
        array_walk($members, static fn (string $id) => $mover->home($id));
        $columns = $this->cells($mover, $members, Axis::X);
        $rows = $this->cells($mover, $members, Axis::Y);
        $lefts = $this->starts($columns, $this->x, $this->columnGap, $this->width, Axis::X);
        $tops = $this->starts($rows, $this->y, $this->rowGap, $this->height, Axis::Y);
        foreach ($members as $i => $id) {
            [$column, $row] = [$i % $this->columns, intdiv($i, $this->columns)];
            $box = $mover->box($id);
            $mover->lead($id, Axis::X, $lefts[$column] + ($columns[$column] - $box->w) * $this->place->across());
            $mover->lead($id, Axis::Y, $tops[$row] + ($rows[$row] - $box->h) * $this->place->down());
        }
    }

    /**
     * The same, brought to where what is laid out, and not its cells, begins at x and y and fills width and height: what
     * does not fill its cell stands further in, and done twice the block would walk.
     *
     * @param  non-empty-list<string>  $originals
     */
    public function round(Mover $mover, array $originals): self
    {
        $members = array_map(fn (int $place): string => $originals[$this->originalAt($place)], range(0, $this->count - 1));
        [$left, $right] = $this->roomBeside($mover, $members, Axis::X);
        [$above, $below] = $this->roomBeside($mover, $members, Axis::Y);

        return new self(
            $this->count, $this->columns, $this->x - $left, $this->y - $above, $this->columnGap, $this->rowGap,
            $this->width === null ? null : $this->width + $left + $right, $this->height === null ? null : $this->height + $above + $below,
            $this->fit, $this->place, $this->originals,
        );
    }

    /**
     * @param  non-empty-list<string>  $members
     * @return array{float, float} px of its cell that the least indented member of the first lane leaves before it, and of the last lane after it
     */
    private function roomBeside(Mover $mover, array $members, Axis $axis): array
    {
        $cells = $this->cells($mover, $members, $axis);
        $last = count($cells) - 1;
        $along = $axis === Axis::X ? $this->place->across() : $this->place->down();
        $before = $after = [];
        foreach ($members as $i => $id) {
            $lane = $axis === Axis::X ? $i % $this->columns : intdiv($i, $this->columns);
            $free = $cells[$lane] - $axis->size($mover->box($id));
            if ($lane === 0) {
                $before[] = $free * $along;
            }
            if ($lane === $last) {
                $after[] = $free * (1 - $along);
            }
        }

        return [$before === [] ? 0.0 : min($before), $after === [] ? 0.0 : min($after)];
    }

    public function edited(array $changes, Rect $box): self
    {
        LayoutNumbers::refuseOthers($changes, ['count', 'columns', 'rows', 'column_gap', 'row_gap', 'extent', 'cell', 'place'], 'A block');
        $new = [...$this->toArray(), ...$changes];
        $fields = new LayoutNumbers($new);
        $columns = max(1, $fields->count('columns'));
        if (! isset($changes['count'])) {
            $rows = isset($changes['rows']) ? $fields->count('rows') : (int) ceil($this->count / $columns);
            $wasFull = $this->count === $this->columns * $this->rows();
            $new['count'] = isset($changes['rows']) || ($wasFull && isset($changes['columns'])) ? $columns * (isset($changes['rows']) ? $rows : $this->rows()) : $this->count;
        }
        if (isset($changes['extent'])) {
            // An axis with one lane has no gaps to give.
            $new = [...$new, 'column_gap' => $columns > 1 ? null : $this->columnGap ?? 0.0, 'row_gap' => null, 'width' => $columns > 1 ? $box->w : null, 'height' => $box->h];
        }
        foreach (['column_gap' => 'width', 'row_gap' => 'height'] as $gap => $extent) {
            if (isset($changes[$gap])) {
                $new[$extent] = null;
            }
        }

        return self::fromArray($new);
    }

    public function scaled(float $across, float $down, Point $about): self
    {
        $by = static fn (?float $length, float $factor): ?float => $length === null ? null : Length::round($length * $factor);

        return new self(
            $this->count, $this->columns, Length::round($about->x + ($this->x - $about->x) * $across), Length::round($about->y + ($this->y - $about->y) * $down),
            $by($this->columnGap, $across), $by($this->rowGap, $down), $by($this->width, $across), $by($this->height, $down),
            $this->fit, $this->place, $this->originals,
        );
    }

    public function words(bool $whole = false): string
    {
        $gaps = [];
        foreach (['across' => [$this->columns, $this->columnGap], 'down' => [$this->rows(), $this->rowGap]] as $word => [$lanes, $gap]) {
            if ($lanes > 1) {
                $gaps[] = ($gap === null ? 'as the extent leaves' : Spoken::length($gap))." $word";
            }
        }

        return "$this->columns × {$this->rows()}".($gaps === [] ? '' : ', gaps '.implode(' and ', $gaps));
    }

    private function rows(): int
    {
        return (int) ceil($this->count / $this->columns);
    }

    /**
     * @param  non-empty-list<string>  $members
     * @return list<float> the widths of the columns, or the heights of the rows
     */
    private function cells(Mover $mover, array $members, Axis $axis): array
    {
        $cells = array_fill(0, $axis === Axis::X ? min($this->columns, count($members)) : $this->rows(), 0.0);
        foreach ($members as $i => $id) {
            $at = $axis === Axis::X ? $i % $this->columns : intdiv($i, $this->columns);
            $cells[$at] = max($cells[$at], $axis->size($mover->box($id)));
        }

        return $this->fit ? array_values($cells) : array_fill(0, count($cells), max(0.0, ...$cells));
    }

    /**
     * @param  list<float>  $cells
     * @return list<float> where each begins
     */
    private function starts(array $cells, float $start, ?float $gap, ?float $extent, Axis $axis): array
    {
        $last = count($cells) - 1;
        $gap ??= 0.0;
        if ($extent !== null && $last > 0) {
            $gap = ($extent - array_sum($cells)) / $last;
            if ($gap < -Length::SAME) {
                throw Refusal::because(sprintf('It does not fit %s: needs %s, has %s.', $axis->word(), Spoken::length(array_sum($cells)), Spoken::length($extent)), 'extent');
            }
        }
        $starts = [];
        $before = 0.0;
        foreach ($cells as $i => $cell) {
            $starts[] = $start + $before + $i * $gap;
            $before += $cell;
        }

        return $starts;
    }
}
