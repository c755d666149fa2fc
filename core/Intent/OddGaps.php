<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Sheet\Placed;

/** The gaps and insets that would be of another size if everything lay as it was meant to (RULES 6 and 14). */
final class OddGaps
{
    /** @var array<string, int> the level that each lies in, by id */
    private array $levels = [];

    /** @var array<string, Placed> as they lie, by id */
    private array $were = [];

    /** @var array<string, Rect> where they were meant to lie, by id */
    private array $boxes = [];

    /** @param  list<Meant>  $meant  of the whole sheet */
    private function __construct(array $meant)
    {
        foreach ($meant as $level => $one) {
            foreach ($one->placed as $i => $placed) {
                $this->levels[$placed->id] = $level;
                $this->were[$placed->id] = $placed;
                $this->boxes[$placed->id] = $one->boxes[$i];
            }
        }
    }

    /** @param  list<Meant>  $meant  of the whole sheet */
    public static function in(Ledger $ledger, array $meant): Ledger
    {
        $odd = new self($meant);

        return $ledger->expecting($odd->gap(...), $odd->inset(...));
    }

    /** @return float|null what is expected, px; null where it is not odd */
    private function gap(Gap $gap): ?float
    {
        if (! $this->areSideBySide($gap->a, $gap->b) || ! $this->stands($gap->a, $gap->axis, 1.0) || ! $this->stands($gap->b, $gap->axis, 0.0)) {
            return null;
        }
        $size = static fn (Rect $a, Rect $b): float => $gap->axis->lead($b) - $gap->axis->trail($a);

        return self::another($size($this->were[$gap->a]->box, $this->were[$gap->b]->box), $size($this->boxes[$gap->a], $this->boxes[$gap->b]), $gap->size);
    }

    private function inset(EdgeGap $inset): ?float
    {
        $axis = $inset->side->axis();
        if ($inset->ground === null || ! $this->areSideBySide($inset->item, $inset->ground) || ! $this->stands($inset->item, $axis, $inset->side->isLeading() ? 0.0 : 1.0)) {
            return null;
        }
        $size = static fn (Rect $box, Rect $ground): float => $inset->side->isLeading() ? $axis->lead($box) - $axis->lead($ground) : $axis->trail($ground) - $axis->trail($box);

        return self::another($size($this->were[$inset->item]->box, $this->were[$inset->ground]->box), $size($this->boxes[$inset->item], $this->boxes[$inset->ground]), $inset->size);
    }

    private function areSideBySide(string $a, string $b): bool
    {
        return isset($this->levels[$a], $this->levels[$b]) && $this->levels[$a] === $this->levels[$b];
    }

    /** Whether a side of it stands where it was put, and does not follow its words. */
    private function stands(string $id, Axis $axis, float $side): bool
    {
        $by = $this->were[$id]->standsBy;

        return $axis === Axis::Y || $by === null || $by === $side;
    }

    private static function another(float $was, float $is, float $size): ?float
    {
        $expected = max(0.0, Length::round($size + $is - $was));

        // What touches already is not brought closer.
        return abs($is - $was) < Length::SAME || Length::same($expected, $size) ? null : $expected;
    }
}
