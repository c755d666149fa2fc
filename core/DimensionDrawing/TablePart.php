<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Text\FontLibrary;

/** A table that is measured: its columns and rows, and the padding of its cells. */
final readonly class TablePart
{
    private function __construct(private TableLayout $layout, private MeasuredPart $part)
    {
    }

    /** @return self|null null where the part is no table, or stands askew or in a mirror */
    public static function of(Item $item, MeasuredPart $part, FontLibrary $fonts): ?self
    {
        return $item->kind instanceof HasCells && $part->angle === 0.0 && $item->flip === Flip::None ? new self($item->kind->layout($item, $fonts), $part) : null;
    }

    /** @return list<Measure> the widths of columns above it, the heights of rows beside it, and the padding of the first cell */
    public function measures(): array
    {
        [$box, $name] = [$this->part->box, $this->part->name];
        $measures = [];
        foreach ([[Axis::X, $this->layout->lefts, $this->layout->widths, 'column'], [Axis::Y, $this->layout->tops, $this->layout->heights, 'row']] as [$axis, $starts, $sizes, $word]) {
            $across = $axis === Axis::X ? [$box->y, $box->bottom()] : [$box->x, $box->right()];
            foreach (count($starts) > 1 ? $starts : [] as $i => $start) {
                $from = $axis->lead($box) + $start;
                $measures[] = new Measure(MeasureKind::Size, $axis, $from, Length::round($from + $sizes[$i]), $across, [$this->part->number], "$word ".($i + 1)." of $name");
            }
        }
        $cell = $this->layout->box(0, 0);
        [$top, $right, $bottom, $left] = $this->layout->styles->of(0, 0)->padding;
        [$x, $y, $end, $foot] = [$box->x + $cell->x, $box->y + $cell->y, $box->x + $cell->right(), $box->y + $cell->bottom()];
        foreach ([
            [Axis::X, $x, $x + $left, [$y, $foot], 'left'], [Axis::X, $end - $right, $end, [$y, $foot], 'right'],
            [Axis::Y, $y, $y + $top, [$x, $end], 'top'], [Axis::Y, $foot - $bottom, $foot, [$x, $end], 'bottom'],
        ] as [$axis, $from, $to, $across, $side]) {
            $measures[] = new Measure(MeasureKind::Margin, $axis, $from, $to, $across, [$this->part->number], "$side padding of cells of $name");
        }

        return $measures;
    }

    /** @return array<string, string> as a grid of CSS (CSS Grid Layout Level 1): the sizes of its columns and rows, and the gaps between them */
    public function css(): array
    {
        [$across, $down] = $this->layout->table->gaps;

        return ['display' => 'grid', 'grid-template-columns' => self::px($this->layout->widths), 'grid-template-rows' => self::px($this->layout->heights)]
            + ($across + $down > 0.0 ? ['gap' => Length::text($down).'px '.Length::text($across).'px'] : []);
    }

    /** @return string the padding of its cells */
    public function padding(): string
    {
        return implode(' ', array_map(static fn (float $side): string => $side === 0.0 ? '0' : Length::text($side).'px', $this->layout->table->padding));
    }

    /** @param  list<float>  $sizes */
    private static function px(array $sizes): string
    {
        return implode(' ', array_map(static fn (float $size): string => Length::text($size).'px', $sizes));
    }
}
