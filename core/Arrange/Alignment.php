<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Baseline;

/** Brings an edge or centre of items onto a line of a target box. */
final readonly class Alignment
{
    private const CLOSE = 0.0015;

    /** @param  Baseline  $baselines  asked only when baselines are aligned */
    public function __construct(private Mover $mover, public Edge $edge, private Baseline $baselines)
    {
    }

    /**
     * Each item by itself.
     *
     * @param  non-empty-list<string>  $ids
     * @param  bool  $ownBox  whether the target is the items' own common box, whose centre line may be put where it suits
     * @return list<array{id: string, at: float, exact: float, sizes: list<float>}> those that stand half a pixel off, with the sizes that would centre
     */
    public function each(array $ids, Rect $target, bool $ownBox): array
    {
        $axis = $this->edge->axis();
        $line = $this->line($target);
        if ($ownBox && $this->edge->isCentre() && $this->areCentred($ids, $line)) {
            return [];
        }
        if ($ownBox) {
            $line = match (true) {
                $this->edge->isCentre() => $this->suited($ids, $line),
                $this->edge->isBaseline() => $this->highest($ids),
                default => $this->wholeEdge($ids, $line),
            };
        }
        $halves = [];
        foreach ($ids as $id) {
            $size = $axis->size($this->mover->box($id));
            $exact = $line - $this->reach($id);
            $at = $this->mover->landing($id, $axis, $exact);
            if ($this->edge->isCentre() && ! $this->mover->isExempt($id) && ! Length::same($at, $exact)) {
                $halves[] = ['id' => $id, 'at' => Length::round($at), 'exact' => Length::round($exact), 'sizes' => self::sizesThatCentre($size, $line)];
            }
            $this->mover->lead($id, $axis, $exact);
        }

        return $halves;
    }

    /**
     * All as one block, mutual places kept.
     *
     * @param  non-empty-list<string>  $ids
     * @param  bool  $ownBox  whether the target is their own common box: their baseline is then on its line already
     */
    public function block(array $ids, Rect $block, Rect $target, bool $whole, bool $ownBox): void
    {
        $axis = $this->edge->axis();
        $reach = $this->edge->isBaseline() ? min(array_map($this->lineOf(...), $ids)) - $axis->lead($block) : $axis->size($block) * $this->edge->along();
        $place = $ownBox ? $axis->lead($block) : $this->line($target) - $reach;
        $by = ($whole ? Length::whole($place) : $place) - $axis->lead($block);
        // The box round what is turned is known that closely: where the block stands already, it stays.
        if (abs($by) < Lanes::CLOSE && array_filter($ids, $this->mover->isTurned(...)) !== []) {
            return;
        }
        foreach ($ids as $id) {
            $this->mover->shiftAlong($id, $axis, $by);
        }
    }

    /** Where the line of a target lies, px of the sheet. */
    public function line(Rect $target): float
    {
        return $this->edge->axis()->lead($target) + $this->edge->axis()->size($target) * $this->edge->along();
    }

    /** The line of an item that others go to. */
    public function lineOf(string $id): float
    {
        return $this->edge->axis()->lead($this->mover->box($id)) + $this->reach($id);
    }

    /** From the leading edge of an item's box to what is brought onto the line. */
    private function reach(string $id): float
    {
        $box = $this->mover->box($id);

        return $this->edge->isBaseline()
            ? $this->baselines->below($id, $box, ! $this->mover->isExempt($id), $this->edge === Edge::LastBaseline)
            : $this->edge->axis()->size($box) * $this->edge->along();
    }

    /**
     * The baseline that lies highest, each counted as it will be when its item stands on whole pixels; or that of one of them by which
     * all stand already, some half a pixel above it.
     *
     * @param  non-empty-list<string>  $ids
     */
    private function highest(array $ids): float
    {
        $lines = array_map($this->lineOf(...), $ids);
        foreach (array_unique($lines) as $line) {
            if ($this->standBy($ids, $line)) {
                return $line;
            }
        }

        return min(array_map(fn (string $id): float => $this->mover->landing($id, Axis::Y, $this->mover->box($id)->y) + $this->reach($id), $ids));
    }

    /** @param  list<string>  $ids */
    private function standBy(array $ids, float $line): bool
    {
        foreach ($ids as $id) {
            if (! Length::same($this->mover->landing($id, Axis::Y, $line - $this->reach($id)), $this->mover->box($id)->y)) {
                return false;
            }
        }

        return true;
    }

    /**
     * The whole pixel that an edge of the items' own box is brought to, so that a second time finds it there:
     * a trailing edge at the half goes down, since sizes with a half stand half a pixel past it.
     *
     * @param  list<string>  $ids
     */
    private function wholeEdge(array $ids, float $line): float
    {
        if (array_filter($ids, fn (string $id): bool => ! $this->mover->isExempt($id)) === []) {
            return $line;
        }

        return $this->edge->along() === 0.0 ? Length::whole($line) : ceil($line - 0.5 - 1e-6);
    }

    /**
     * Whether all may lie off the pixel and stand on the line already: as near as their common box is known, with something turned in it.
     *
     * @param  list<string>  $ids
     */
    private function areCentred(array $ids, float $line): bool
    {
        return array_filter($ids, $this->mover->isTurned(...)) !== []
            && array_filter($ids, fn (string $id): bool => ! $this->mover->isExempt($id) || abs($this->lineOf($id) - $line) >= self::CLOSE) === [];
    }

    /**
     * The centre line where the largest item lands on a whole pixel, or where all may lie off it on 1/1000 px: c' = floor(c - W/2 + 0.5 + 1e-6) + W/2,
     * where upright boxes are gone by, as its bounds land.
     *
     * @param  non-empty-list<string>  $ids
     */
    private function suited(array $ids, float $line): float
    {
        $axis = $this->edge->axis();
        $whole = array_filter($ids, fn (string $id): bool => ! $this->mover->isExempt($id));
        $sizes = [];
        foreach ($whole === [] ? $ids : $whole as $id) {
            $sizes[$id] = $axis->size($this->mover->box($id));
        }
        $half = max($sizes) / 2;
        $suited = $this->mover->landing((string) array_search(max($sizes), $sizes, true), $axis, $line - $half) + $half;
        if ($whole === []) {
            return $suited;
        }
        // Boxes of turned things are known to 1/1000 px; a line that close to the half pixel is meant to be on it.
        $half = floor($suited * 2 + 0.5) / 2;

        return abs($suited - $half) < self::CLOSE ? $half : $suited;
    }

    /**
     * The nearest whole sizes below and above whose leading edge is whole on this line: one of them 1 px off.
     *
     * @return list<float>
     */
    private static function sizesThatCentre(float $size, float $line): array
    {
        $fits = static fn (float $s): bool => Length::isWhole($line - $s / 2);
        $below = ceil($size) - 1;
        $above = floor($size) + 1;

        return array_values(array_filter(
            [$fits($below) ? $below : $below - 1, $fits($above) ? $above : $above + 1],
            static fn (float $s): bool => $s > 0 && $fits($s),
        ));
    }
}
