<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\SheetGrid;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\UnknownItem;

/** A layout with its lengths: sizes, gaps, margins and the grid, for the one who builds it. */
final readonly class MeasuredSheet
{
    private const MOST = 2_000;

    /**
     * @param  list<MeasuredPart>  $parts  in reading order
     * @param  list<Measure>  $measures  sizes first, then gaps, margins, the grid
     * @param  list<Gap>  $gaps  those among the parts
     * @param  array<int, RailPart>  $rails  those of the parts that are rails, by their numbers
     * @param  Tree  $tree  what they lie in
     * @param  array<int, TablePart>  $tables  those of the parts that are tables, by their numbers
     */
    private function __construct(public Sheet $sheet, public array $parts, public array $measures, public array $gaps, public array $rails, public Tree $tree, public array $tables)
    {
    }

    /**
     * @param  Plan  $plan  of everything visible, by the boxes that are measured
     *
     * @throws UnknownItem for one that is not on the sheet
     * @throws Refusal when there is nothing to measure, or too much
     */
    public static function of(Sheet $sheet, Tree $tree, Plan $plan, MeasuredSheetOptions $wish, FontLibrary $fonts): self
    {
        $placed = self::placed($tree, $plan, $wish);
        if ($placed === [] && ! $wish->wants(MeasureKind::Grid)) {
            throw Refusal::because('There is nothing to measure here.', 'items');
        }
        if (count($placed) > self::MOST) {
            throw Refusal::because(sprintf('At most 2,000 items are measured at a time; these are %s. Select some of them.', number_format(count($placed))), 'items');
        }
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->box->y, $a->box->x] <=> [$b->box->y, $b->box->x]);
        $parts = [];
        foreach ($placed as $i => $one) {
            $parts[$one->id] = self::part($tree, $i + 1, $one);
        }
        $whole = Ledger::of($plan, $sheet->box());
        $ledger = $whole->among(array_map(strval(...), array_keys($parts)));
        // Of one thing alone, what lies next to it.
        $gaps = count($parts) === 1
            ? array_values(array_filter($whole->gaps, static fn (Gap $gap): bool => isset($parts[$gap->a]) || isset($parts[$gap->b])))
            : $ledger->gaps;
        $grounds = array_column($plan->placed, null, 'id');
        $rails = array_filter(array_column(array_map(static fn (MeasuredPart $part): array => ['number' => $part->number, 'rail' => RailPart::of($tree, $part, $grounds)], $parts), 'rail', 'number'));
        $tables = array_filter(array_column(array_map(static fn (MeasuredPart $part): array => ['number' => $part->number, 'table' => TablePart::of($tree->item($part->id), $part, $fonts)], $parts), 'table', 'number'));
        $inRails = array_merge(...array_map(static fn (RailPart|TablePart $one): array => $one->measures(), [...array_values($rails), ...array_values($tables)]), ...[[]]);
        $of = static fn (MeasureKind $kind): array => array_values(array_filter($inRails, static fn (Measure $measure): bool => $measure->kind === $kind));
        $measures = [
            ...($wish->wants(MeasureKind::Size) ? [...array_merge(...array_map(self::sizes(...), array_values($parts)), ...[[]]), ...$of(MeasureKind::Size)] : []),
            ...($wish->wants(MeasureKind::Gap) ? [...array_map(static fn (Gap $gap): Measure => self::gap($gap, $parts, $tree), $gaps), ...$of(MeasureKind::Gap)] : []),
            ...($wish->wants(MeasureKind::Margin) ? [...array_map(static fn (EdgeGap $inset): Measure => self::margin($inset, $parts, ($grounds[$inset->ground ?? ''] ?? null)->box ?? $sheet->box(), $inset->ground === null ? 'the sheet' : $tree->item($inset->ground)->name), $ledger->insets), ...$of(MeasureKind::Margin)] : []),
            ...($wish->wants(MeasureKind::Grid) ? self::grid($sheet) : []),
        ];

        return new self($sheet, array_values($parts), array_values(array_filter($measures, static fn (Measure $measure): bool => $measure->size >= Length::SAME)), $ledger->gaps, $rails, $tree, $tables);
    }

    /** The box round the sheet and all that is measured, which may reach past it. */
    public function extent(): Rect
    {
        return Rect::unionOf([$this->sheet->box(), ...array_map(static fn (MeasuredPart $part): Rect => $part->box, $this->parts)]) ?? $this->sheet->box();
    }

    /** @return list<Placed> */
    private static function placed(Tree $tree, Plan $plan, MeasuredSheetOptions $wish): array
    {
        foreach ([...($wish->items ?? []), ...($wish->level === null ? [] : [$wish->level])] as $id) {
            $tree->item($id);
        }
        $is = array_flip($wish->items ?? []);

        return array_values(array_filter($plan->placed, static fn (Placed $one): bool => $wish->items === null ? $one->parent === $wish->level : isset($is[$one->id])));
    }

    /** @return list<Measure> */
    private static function sizes(MeasuredPart $part): array
    {
        $box = $part->box;

        return [
            new Measure(MeasureKind::Size, Axis::X, $box->x, $box->right(), [$box->y, $box->bottom()], [$part->number], "width of $part->name"),
            new Measure(MeasureKind::Size, Axis::Y, $box->y, $box->bottom(), [$box->x, $box->right()], [$part->number], "height of $part->name"),
        ];
    }

    /** @param  array<string, MeasuredPart>  $parts */
    private static function gap(Gap $gap, array $parts, Tree $tree): Measure
    {
        $numbers = array_map(static fn (string $id): ?int => isset($parts[$id]) ? $parts[$id]->number : null, [$gap->a, $gap->b]);

        return new Measure(MeasureKind::Gap, $gap->axis, $gap->from, $gap->to, $gap->across, array_values(array_filter($numbers)), $tree->item($gap->a)->name.' to '.$tree->item($gap->b)->name);
    }

    /** @param  array<string, MeasuredPart>  $parts */
    private static function margin(EdgeGap $inset, array $parts, Rect $ground, string $name): Measure
    {
        $part = $parts[$inset->item];
        $box = $part->box;
        [$from, $to] = match ($inset->side) {
            Side::Left => [$ground->x, $box->x],
            Side::Right => [$box->right(), $ground->right()],
            Side::Top => [$ground->y, $box->y],
            Side::Bottom => [$box->bottom(), $ground->bottom()],
        };
        $axis = $inset->side->axis();
        $across = $axis === Axis::X ? [$box->y, $box->bottom()] : [$box->x, $box->right()];

        return new Measure(MeasureKind::Margin, $axis, $from, max($from, $to), $across, [$part->number], "$part->name to the {$inset->side->value} of $name");
    }

    /** @return list<Measure> columns and rows with their gutters, and the margins beside them */
    private static function grid(Sheet $sheet): array
    {
        $measures = [];
        foreach (Axis::cases() as $axis) {
            $spans = SheetGrid::spans($sheet, $axis);
            if ($spans === []) {
                continue;
            }
            $word = $axis === Axis::X ? 'column' : 'row';
            [$extent, $beyond] = [$axis->size($sheet->box()), $axis->across()->size($sheet->box())];
            $at = 0.0;
            foreach ([...$spans, [$extent, $extent]] as $i => [$from, $to]) {
                $words = match (true) {
                    $i === 0 => "margin before the {$word}s",
                    $i === count($spans) => "margin after the {$word}s",
                    default => 'gutter',
                };
                $measures[] = new Measure(MeasureKind::Grid, $axis, $at, $from, [$beyond, $beyond], [], $words);
                $measures[] = new Measure(MeasureKind::Grid, $axis, $from, $to, [$beyond, $beyond], [], "$word ".($i + 1));
                $at = $to;
            }
        }

        return $measures;
    }

    private static function part(Tree $tree, int $number, Placed $placed): MeasuredPart
    {
        $item = $tree->item($placed->id);
        $centre = $tree->toSheet($item->parent)->apply($item->frame->centre());
        $upright = new Rect($centre->x - $item->frame->w / 2, $centre->y - $item->frame->h / 2, $item->frame->w, $item->frame->h);

        return new MeasuredPart($number, $item->id, $item->name, $placed->box, $upright->rounded(), Angle::keep($tree->totalAngle($item->id)));
    }
}
