<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;

/** All that a drag can snap to, as it was when the drag began: the boxes of other items, lines, and equal gaps. */
final readonly class Candidates
{
    /**
     * @param  list<SnapKind>  $kinds  those that are switched on
     * @param  list<string>  $ids  of the items
     * @param  list<Rect>  $boxes
     * @param  array<int, float>  $baselines  px, by place, of those that have letters
     * @param  array{x: list<SnapLine>, y: list<SnapLine>}  $lines
     * @param  array{x: list<EqualGap>, y: list<EqualGap>}  $gaps
     * @param  float|null  $module  px
     */
    public function __construct(public array $kinds, public array $ids, public array $boxes, public array $baselines, public array $lines, public array $gaps, public ?float $module)
    {
    }

    public function has(SnapKind $kind): bool
    {
        return in_array($kind, $this->kinds, true);
    }

    /** @return list<SnapLine> */
    public function lines(Axis $axis): array
    {
        return $this->lines[$axis->value];
    }

    /** @return list<EqualGap> */
    public function gaps(Axis $axis): array
    {
        return $this->gaps[$axis->value];
    }

    /** @return array<string, mixed> as the API gives them: columns of numbers with a table of ids */
    public function toArray(): array
    {
        $x = $y = $w = $h = [];
        foreach ($this->boxes as $box) {
            $x[] = $box->x;
            $y[] = $box->y;
            $w[] = $box->w;
            $h[] = $box->h;
        }
        $lines = $gaps = [];
        foreach (Axis::cases() as $axis) {
            $lines[$axis->value] = array_map(static fn (SnapLine $line): array => ['at' => $line->at, 'kind' => $line->kind->value, 'low' => $line->low, 'high' => $line->high, 'from' => $line->from], $this->lines($axis));
            $columns = ['at' => [], 'part' => [], 'size' => [], 'low' => [], 'high' => [], 'a' => [], 'b' => []];
            foreach ($this->gaps($axis) as $gap) {
                $columns['at'][] = $gap->at;
                $columns['part'][] = $gap->part->value;
                $columns['size'][] = $gap->size;
                $columns['low'][] = $gap->low;
                $columns['high'][] = $gap->high;
                $columns['a'][] = $gap->a;
                $columns['b'][] = $gap->b;
            }
            $gaps[$axis->value] = $columns;
        }

        return [
            'kinds' => array_column($this->kinds, 'value'),
            'ids' => $this->ids,
            'boxes' => ['x' => $x, 'y' => $y, 'w' => $w, 'h' => $h],
            'baselines' => ['at' => array_keys($this->baselines), 'y' => array_values($this->baselines)],
            'lines' => $lines,
            'gaps' => $gaps,
            'module' => $this->module,
        ];
    }
}
