<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Adjacency;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\SheetGrid;

/** Finds what a drag can snap to on a sheet, once when it starts (RULES 10). */
final readonly class CandidateFinder
{
    /**
     * @param  Plan  $plan  everything visible
     * @param  iterable<Guide>  $guides  those that are shown
     */
    public function __construct(private Sheet $sheet, private Plan $plan, private iterable $guides)
    {
    }

    /**
     * @param  list<SnapKind>  $kinds  those that are switched on
     * @param  list<string>  $dragged  ids of what is dragged: neither they, nor what is in them, nor the groups they are in are snapped to
     * @param  Dragged|null  $what  to find places between others that it would fit
     * @param  list<Point>  $points  of paths, px of the sheet
     */
    public function find(array $kinds, array $dragged, ?Dragged $what, array $points = []): Candidates
    {
        $out = $this->leftOut($dragged);
        $ids = $boxes = $baselines = $at = $letters = [];
        $tracks = ['x' => [], 'y' => []];
        if (array_intersect(array_map(static fn (SnapKind $kind): string => $kind->value, $kinds), ['edge', 'centre', 'gap', 'size']) !== []) {
            foreach ($this->plan->placed as $i => $one) {
                if (! isset($out[$i])) {
                    $at[$i] = count($ids);
                    if ($one->baseline !== null) {
                        $baselines[count($ids)] = $one->baseline;
                    }
                    foreach ($one->letterLines as $name => $line) {
                        $letters[] = new SnapLine(Length::round($line), SnapKind::Edge, $one->box->x, $one->box->right(), $name);
                    }
                    foreach (Axis::cases() as $axis) {
                        $across = $axis->across();
                        foreach ($one->edges[$axis->value] as $edge) {
                            $tracks[$axis->value][] = new SnapLine(Length::round($edge), SnapKind::Edge, $across->lead($one->box), $across->trail($one->box), $axis === Axis::X ? 'column' : 'row');
                        }
                    }
                    $ids[] = $one->id;
                    $boxes[] = $one->box;
                }
            }
        }
        $gaps = ['x' => [], 'y' => []];
        if ($what !== null && in_array(SnapKind::Gap, $kinds, true)) {
            $beside = $this->beside($dragged, $at);
            foreach (Axis::cases() as $axis) {
                $gaps[$axis->value] = self::gaps($axis, $beside, $boxes, $what);
            }
        }

        $isOn = in_array(SnapKind::Edge, $kinds, true);

        return new Candidates($kinds, $ids, $boxes, $baselines, ['x' => [...$this->lines(Axis::X, $kinds), ...self::through($points, Axis::X, $kinds), ...($isOn ? $tracks['x'] : [])], 'y' => [...$this->lines(Axis::Y, $kinds), ...self::through($points, Axis::Y, $kinds), ...($isOn ? [...$letters, ...$tracks['y']] : [])]], $gaps, in_array(SnapKind::Module, $kinds, true) ? $this->sheet->grid->module : null);
    }

    /**
     * Lines through points.
     *
     * @param  list<Point>  $points
     * @param  list<SnapKind>  $kinds
     * @return list<SnapLine>
     */
    private static function through(array $points, Axis $axis, array $kinds): array
    {
        return in_array(SnapKind::Edge, $kinds, true)
            ? array_map(static fn (Point $p): SnapLine => $axis === Axis::X ? new SnapLine(Length::round($p->x), SnapKind::Edge, $p->y, $p->y, 'point') : new SnapLine(Length::round($p->y), SnapKind::Edge, $p->x, $p->x, 'point'), $points)
            : [];
    }

    /**
     * @param  list<string>  $dragged
     * @return array<int, true> places in the plan
     */
    private function leftOut(array $dragged): array
    {
        $place = [];
        foreach ($this->plan->placed as $i => $one) {
            $place[$one->id] = $i;
        }
        $out = [];
        foreach ($dragged as $id) {
            $i = $place[$id] ?? null;
            if ($i === null) {
                continue;
            }
            for ($inside = $i; $inside <= $this->plan->ends[$i]; $inside++) {
                $out[$inside] = true;
            }
            for ($parent = $this->plan->placed[$i]->parent; $parent !== null && isset($place[$parent]); $parent = $this->plan->placed[$place[$parent]]->parent) {
                $out[$place[$parent]] = true;
            }
        }

        return $out;
    }

    /**
     * The others that share the parent of what is dragged; of several parents, what lies on the sheet itself.
     *
     * @param  list<string>  $dragged
     * @param  array<int, int>  $at  places among the candidates, by place in the plan
     * @return list<int> places among the candidates
     */
    private function beside(array $dragged, array $at): array
    {
        $is = array_flip($dragged);
        $parents = [];
        foreach ($this->plan->placed as $one) {
            if (isset($is[$one->id])) {
                $parents[$one->parent ?? ''] = $one->parent;
            }
        }
        $parent = count($parents) === 1 ? reset($parents) : null;
        $beside = [];
        foreach ($at as $i => $place) {
            if ($this->plan->placed[$i]->parent === $parent) {
                $beside[] = $place;
            }
        }

        return $beside;
    }

    /**
     * Past the end of a pair, before its beginning, or in its middle, with the gap that is there.
     *
     * @param  list<int>  $beside
     * @param  list<Rect>  $boxes
     * @return list<EqualGap>
     */
    private static function gaps(Axis $axis, array $beside, array $boxes, Dragged $what): array
    {
        $among = new Adjacency(array_map(static fn (int $place): Rect => $boxes[$place], $beside), $axis);
        $extent = $axis->size($what->box);
        $parts = $what->parts($axis);
        $gaps = [];
        foreach ($among->pairs as [$a, $b]) {
            $size = Length::round($among->lead[$b] - $among->trail[$a]);
            $low = max($among->low[$a], $among->low[$b]);
            $high = min($among->high[$a], $among->high[$b]);
            if ($size < Length::SAME || $low >= $high) {
                continue;
            }
            [$before, $after] = [$beside[$a], $beside[$b]];
            $room = $what->sizes ? $size : $size + $extent;
            if (in_array(SnapPart::Lead, $parts, true) && ! $among->isBlockedAhead($b, $among->trail[$b] + $room)) {
                $gaps[] = new EqualGap(Length::round($among->trail[$b] + $size), SnapPart::Lead, $size, $low, $high, $before, $after);
            }
            if (in_array(SnapPart::Trail, $parts, true) && ! $among->isBlockedBehind($a, $among->lead[$a] - $room)) {
                $gaps[] = new EqualGap(Length::round($among->lead[$a] - $size), SnapPart::Trail, $size, $low, $high, $before, $after);
            }
            if (! $what->sizes && $extent < $size - Length::SAME) {
                $half = ($size - $extent) / 2;
                $gaps[] = new EqualGap(Length::round($among->trail[$a] + $half), SnapPart::Lead, Length::round($half), $low, $high, $before, $after);
            }
        }

        return $gaps;
    }

    /**
     * @param  list<SnapKind>  $kinds
     * @return list<SnapLine>
     */
    private function lines(Axis $axis, array $kinds): array
    {
        $sheet = $this->sheet;
        $across = $axis->across();
        [$low, $high] = [0.0, $across->size($sheet->box())];
        $lines = [];
        if (in_array(SnapKind::Guide, $kinds, true)) {
            foreach ($this->guides as $guide) {
                if ($guide->axis === $axis) {
                    $lines[] = new SnapLine($guide->at, SnapKind::Guide, $low, $high, $guide->id);
                }
            }
        }
        [$from, $to] = SheetGrid::between($sheet, $axis);
        $extent = $axis->size($sheet->box());
        if (in_array(SnapKind::Margin, $kinds, true)) {
            // A margin of nothing is the edge of the sheet.
            if ($from > 0.0) {
                $lines[] = new SnapLine(Length::round($from), SnapKind::Margin, $low, $high, 'margin');
            }
            if ($to < $extent) {
                $lines[] = new SnapLine(Length::round($to), SnapKind::Margin, $low, $high, 'margin');
            }
        }
        if (in_array(SnapKind::Grid, $kinds, true)) {
            foreach (SheetGrid::spans($sheet, $axis) as $i => [$start, $end]) {
                $name = ($axis === Axis::X ? 'column ' : 'row ').($i + 1);
                $lines[] = new SnapLine($start, SnapKind::Grid, $low, $high, $name);
                $lines[] = new SnapLine($end, SnapKind::Grid, $low, $high, $name);
            }
            foreach ($axis === Axis::Y ? SheetGrid::baselines($sheet) : [] as $at) {
                $lines[] = new SnapLine($at, SnapKind::Grid, $low, $high, 'baseline');
            }
        }
        if (in_array(SnapKind::Sheet, $kinds, true)) {
            array_push($lines, new SnapLine(0.0, SnapKind::Sheet, $low, $high, 'edge'), new SnapLine($extent / 2, SnapKind::Sheet, $low, $high, 'centre'), new SnapLine($extent, SnapKind::Sheet, $low, $high, 'edge'));
        }

        return $lines;
    }
}
