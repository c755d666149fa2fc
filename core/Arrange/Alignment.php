<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/** Brings an edge or centre of items onto a line of a target box. */
final readonly class Alignment
{
    private const CLOSE = 0.0015;

    public function __construct(private Mover $mover, private Edge $edge)
    {
    }

    /**
     * Each item by itself.
     *
     * @param  list<string>  $ids
     * @param  bool  $ownBox  whether the target is the items' own common box, whose centre line may be put where it suits
     * @return list<array{id: string, at: float, exact: float, sizes: list<float>}> those that stand half a pixel off, with the sizes that would centre
     */
    public function each(array $ids, Rect $target, bool $ownBox): array
    {
        $axis = $this->edge->axis();
        $line = $axis->lead($target) + $axis->size($target) * $this->edge->along();
        if ($ownBox) {
            $line = $this->edge->isCentre() ? $this->suited($ids, $line) : $this->wholeEdge($ids, $line);
        }
        $halves = [];
        foreach ($ids as $id) {
            $size = $axis->size($this->mover->box($id));
            $exact = $line - $size * $this->edge->along();
            $at = $this->mover->settled($id, $exact);
            if ($this->edge->isCentre() && ! Length::same($at, $exact)) {
                $halves[] = ['id' => $id, 'at' => Length::settle($at), 'exact' => Length::settle($exact), 'sizes' => self::sizesThatCentre($size, $line)];
            }
            $this->mover->lead($id, $axis, $exact);
        }

        return $halves;
    }

    /**
     * All as one block, mutual places kept.
     *
     * @param  list<string>  $ids
     */
    public function block(array $ids, Rect $block, Rect $target, bool $whole): void
    {
        $axis = $this->edge->axis();
        $place = $axis->lead($target) + ($axis->size($target) - $axis->size($block)) * $this->edge->along();
        $by = ($whole ? Length::whole($place) : $place) - $axis->lead($block);
        foreach ($ids as $id) {
            $axis === Axis::X ? $this->mover->shift($id, $by, 0.0) : $this->mover->shift($id, 0.0, $by);
        }
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
     * The centre line where the largest item lands on a whole pixel: c' = floor(c - W/2 + 0.5 + 1e-6) + W/2.
     *
     * @param  list<string>  $ids
     */
    private function suited(array $ids, float $line): float
    {
        $largest = null;
        foreach ($ids as $id) {
            if (! $this->mover->isExempt($id)) {
                $largest = max($largest ?? 0.0, $this->edge->axis()->size($this->mover->box($id)));
            }
        }

        if ($largest === null) {
            return $line;
        }
        $suited = Length::whole($line - $largest / 2) + $largest / 2;
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
