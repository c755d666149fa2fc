<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/**
 * Where a drag comes to lie: on each axis the nearest line within tolerance wins, then whole pixels (RULES 10). The
 * browser picks by the same rule while the drag lasts (resources/js/desk/snap/pick.ts).
 *
 * A choice is its distance, the rank of its kind, its coordinate, the part that meets it, and by how much to move.
 *
 * @phpstan-type Choice array{float, int, float, int, float}
 */
final readonly class Snapping
{
    /** @param  float  $tolerance  px of the sheet, inclusive */
    public function __construct(private Candidates $candidates, private Dragged $dragged, private float $tolerance)
    {
    }

    /**
     * @param  float  $dx  how far it was dragged, px
     * @param  bool  $across  whether it may go across, which Shift may forbid
     * @return array{float, float} how far it goes, px
     */
    public function snap(float $dx, float $dy, bool $across = true, bool $down = true): array
    {
        $free = $this->dragged->after($dx, $dy);

        return [
            $across ? $this->along(Axis::X, $dx, $free) : $dx,
            $down ? $this->along(Axis::Y, $dy, $free) : $dy,
        ];
    }

    /** @param  Rect  $free  where it lies without snapping */
    private function along(Axis $axis, float $by, Rect $free): float
    {
        $parts = $this->dragged->parts($axis);
        $choice = null;
        foreach ($parts as $part) {
            foreach ($this->targets($axis, $part, $free) as [$at, $rank]) {
                $choice = $this->nearer($choice, $at, $rank, $this->dragged->at($axis, $part) + $by, $part);
            }
        }
        if ($choice === null && $this->candidates->module !== null) {
            foreach ($parts as $part) {
                $place = $this->dragged->at($axis, $part) + $by;
                if ($part === SnapPart::Lead || $part === SnapPart::Trail) {
                    $choice = $this->nearer($choice, floor($place / $this->candidates->module + 0.5) * $this->candidates->module, SnapKind::Module->rank(), $place, $part);
                }
            }
        }
        $snapped = $choice === null ? $by : $by + $choice[4];
        if (! $this->dragged->whole || $parts === []) {
            return Length::round($snapped);
        }
        $edge = $this->dragged->at($axis, $parts[0]);

        return Length::round(Length::whole($edge + $snapped) - $edge);
    }

    /**
     * @param  Choice|null  $best
     * @return Choice|null
     */
    private function nearer(?array $best, float $at, int $rank, float $place, SnapPart $part): ?array
    {
        $distance = Length::round(abs($at - $place));
        if ($distance > $this->tolerance) {
            return $best;
        }
        $choice = [$distance, $rank, $at, $part->value, $at - $place];

        return $best === null || $choice < $best ? $choice : $best;
    }

    /**
     * Where a part of what is dragged could go.
     *
     * @return iterable<array{float, int}> the place, and the rank of its kind
     */
    private function targets(Axis $axis, SnapPart $part, Rect $free): iterable
    {
        foreach ($this->candidates->lines($axis) as $line) {
            if (self::meets($part, $line)) {
                yield [$line->at, $line->kind->rank()];
            }
        }
        $edges = $this->candidates->has(SnapKind::Edge);
        if ($part === SnapPart::Baseline) {
            foreach ($edges ? $this->candidates->baselines : [] as $at) {
                yield [$at, SnapKind::Edge->rank()];
            }

            return;
        }
        $centres = $this->candidates->has(SnapKind::Centre);
        foreach ($edges || $centres ? $this->candidates->boxes : [] as $box) {
            $lead = $axis->lead($box);
            $size = $axis->size($box);
            if ($edges) {
                yield [$lead, SnapKind::Edge->rank()];
                yield [$lead + $size, SnapKind::Edge->rank()];
            }
            if ($centres) {
                yield [$lead + $size / 2, SnapKind::Centre->rank()];
            }
        }
        yield from $this->equal($axis, $part, $free);
    }

    /** @return iterable<array{float, int}> */
    private function equal(Axis $axis, SnapPart $part, Rect $free): iterable
    {
        $across = $axis->across();
        foreach ($this->candidates->gaps($axis) as $gap) {
            if ($gap->part === $part && $across->lead($free) < $gap->high && $across->trail($free) > $gap->low) {
                yield [$gap->at, SnapKind::Gap->rank()];
            }
        }
        if ($this->dragged->sizes && $this->candidates->has(SnapKind::Size)) {
            [$lead, $trail] = [$axis->lead($this->dragged->box), $axis->trail($this->dragged->box)];
            foreach ($this->candidates->boxes as $box) {
                yield [$part === SnapPart::Lead ? $trail - $axis->size($box) : $lead + $axis->size($box), SnapKind::Size->rank()];
            }
        }
    }

    /** Letters stand on guides and on the baseline grid, and on nothing else that has no letters. */
    public static function meets(SnapPart $part, SnapLine $line): bool
    {
        return $part === SnapPart::Baseline
            ? $line->kind === SnapKind::Guide || $line->from === 'baseline'
            : $line->from !== 'baseline' || $part === SnapPart::Trail;
    }
}
