<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\NoGround;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Sheet\Tree;

/**
 * Finds what something lies on. It looks at the whole sheet once, when it is made, and answers for that moment.
 *
 * In painting order everything has a place, and a branch ends with the last thing in it: what ends before
 * something begins lies beneath it and is neither around it nor inside it.
 *
 * @phpstan-type Candidate array{item: Item, box: Rect, begins: int, ends: int, area: float}
 */
final class Ground
{
    private const COLUMNS = 64;

    /** @var list<Candidate> what can be a ground: the smallest first, of these the foremost */
    private array $candidates = [];

    /** @var array<string, int> */
    private array $begins = [];

    /** @var array<int, list<Candidate>>|null those that lie over each column of the sheet, once it was asked for */
    private ?array $columns = null;

    private float $start = 0.0;

    private float $width = 1.0;

    /** @param  Rect|null  $holding  a box, if only what holds that will be asked for */
    public function __construct(private readonly Tree $tree, private readonly Boxes $boxes, private readonly ?Rect $holding = null)
    {
        $this->walk(null, Matrix::identity(), true);
        usort($this->candidates, static fn (array $a, array $b): int => $a['area'] <=> $b['area'] ?: $b['ends'] <=> $a['ends']);
    }

    /**
     * The smallest visible item beneath all of these that contains their box and is not inside any of them: a tray is beneath what lies in it.
     *
     * @param  non-empty-list<string>  $ids
     * @return Item|null null for the sheet itself
     */
    public function of(array $ids, Rect $box): ?Item
    {
        $begins = array_map(fn (string $id): int => $this->begins[$id], $ids);
        [$lowest, $highest] = [min($begins), max($begins)];
        [$left, $right] = [$box->x + Length::SAME, $box->right() - Length::SAME];
        foreach ($this->columnAt($box->x + $box->w / 2) as ['item' => $item, 'box' => $bounds, 'begins' => $begins, 'ends' => $ends]) {
            if (($ends < $lowest || ($begins < $lowest && $ends >= $highest && ! $item->kind instanceof ShowsAsOne)) && $bounds->x <= $left && $bounds->x + $bounds->w >= $right && $bounds->contains($box)) {
                return $item;
            }
        }

        return null;
    }

    /**
     * Those that lie over one of the columns into which the sheet is divided for this, at that place.
     *
     * @return list<Candidate>
     */
    private function columnAt(float $x): array
    {
        if ($this->columns === null) {
            $around = Rect::unionOf(array_column($this->candidates, 'box')) ?? new Rect(0.0, 0.0, 1.0, 1.0);
            $this->start = $around->x;
            $this->width = max(1.0, $around->w / self::COLUMNS);
            $this->columns = [];
            foreach ($this->candidates as $candidate) {
                for ($i = $this->columnOf($candidate['box']->x), $last = $this->columnOf($candidate['box']->right()); $i <= $last; $i++) {
                    $this->columns[$i][] = $candidate;
                }
            }
        }

        return $this->columns[$this->columnOf($x)] ?? [];
    }

    private function columnOf(float $x): int
    {
        return (int) floor(($x - $this->start) / $this->width);
    }

    /** @return Rect|null the box round what is shown there, on the sheet */
    private function walk(?string $parent, Matrix $toSheet, bool $shown): ?Rect
    {
        $boxes = [];
        foreach ($this->tree->children($parent) as $item) {
            $this->begins[$item->id] = $begins = count($this->begins);
            $isShown = $shown && ! $item->hidden && ! $item->reference;
            $inside = $item->holdsItems() ? $this->walk($item->id, $toSheet->after($item->toParent()), $isShown && ! $item->kind instanceof ShowsAsOne) : null;
            $box = $item->isFramedByItems() && ! $item->kind instanceof ShowsAsOne
                ? $inside
                : ($item->angle === 0.0 && $toSheet->angle === 0.0 ? $item->frame->moved($toSheet->dx, $toSheet->dy) : $this->boxes->boundsIn($item, $toSheet));
            if ($isShown && $box !== null) {
                // A group paints nothing itself: what one sees beneath something is never a group.
                if (! $item->kind instanceof NoGround && ($this->holding === null || $box->contains($this->holding))) {
                    $this->candidates[] = ['item' => $item, 'box' => $box, 'begins' => $begins, 'ends' => count($this->begins) - 1, 'area' => $box->area()];
                }
                $boxes[] = $box;
            }
        }

        return Rect::unionOf($boxes);
    }
}
