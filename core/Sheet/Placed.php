<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Rect;

/** Something visible and where it lies on the sheet. */
final readonly class Placed
{
    /**
     * @param  bool  $isGround  whether something can lie on it, which it never does on a plain group
     * @param  float|null  $baseline  the first line of letters that stand upright, px from the top of the sheet
     * @param  float|null  $standsBy  the edge by which an upright text stands while its width follows its words: 0 leading, 0.5 centre, 1 trailing
     * @param  bool  $locked  by itself or with what it lies in
     * @param  bool  $isTurned  otherwise than by quarters
     * @param  bool  $isInexact  whether something in it is, or it lies on axes that are not the sheet's
     * @param  bool  $isSeries  whether numbers of its own say where what is in it lies
     * @param  array<string, float>  $letterLines  other lines of its letters than the first baseline, px from the top of the sheet, by what they are
     * @param  array{x: list<float>, y: list<float>}  $edges  of columns and rows between its outer ones, px of the sheet, where it stands upright
     */
    public function __construct(
        public string $id,
        public ?string $parent,
        public Rect $box,
        public bool $isGround,
        public ?float $baseline = null,
        public ?float $standsBy = null,
        public bool $locked = false,
        public bool $isTurned = false,
        public bool $isInexact = false,
        public bool $isSeries = false,
        public array $letterLines = [],
        public array $edges = ['x' => [], 'y' => []],
    ) {
    }

    /** The same with another box; its letters move along. */
    public function in(Rect $box): self
    {
        $down = $box->y - $this->box->y;
        $across = $box->x - $this->box->x;

        return new self($this->id, $this->parent, $box, $this->isGround, $this->baseline === null ? null : $this->baseline + $down, $this->standsBy, $this->locked, $this->isTurned, $this->isInexact, $this->isSeries, array_map(static fn (float $line): float => $line + $down, $this->letterLines), ['x' => array_map(static fn (float $at): float => $at + $across, $this->edges['x']), 'y' => array_map(static fn (float $at): float => $at + $down, $this->edges['y'])]);
    }

    /** The same, known to hold something turned. */
    public function inexact(): self
    {
        return new self($this->id, $this->parent, $this->box, $this->isGround, $this->baseline, $this->standsBy, $this->locked, $this->isTurned, true, $this->isSeries, $this->letterLines, $this->edges);
    }
}
