<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;

/** All that a drag can snap to, as it was when the drag began: the boxes of other items, lines, and equal gaps. */
final readonly class Candidates
{
    /**
     * @param  list<Kind>  $kinds  those that are switched on
     * @param  list<string>  $ids  of the items
     * @param  list<Rect>  $boxes
     * @param  array<int, float>  $baselines  px, by place, of those that have letters
     * @param  array{x: list<Line>, y: list<Line>}  $lines
     * @param  array{x: list<EqualGap>, y: list<EqualGap>}  $gaps
     * @param  float|null  $module  px
     */
    public function __construct(public array $kinds, public array $ids, public array $boxes, public array $baselines, public array $lines, public array $gaps, public ?float $module)
    {
    }

    public function has(Kind $kind): bool
    {
        return in_array($kind, $this->kinds, true);
    }

    /** @return list<Line> */
    public function lines(Axis $axis): array
    {
        return $this->lines[$axis->value];
    }

    /** @return list<EqualGap> */
    public function gaps(Axis $axis): array
    {
        return $this->gaps[$axis->value];
    }
}
