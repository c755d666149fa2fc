<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Rect;

/** Boxes by where they lie, so that of many only those are looked at that may meet one. */
final class Nearby
{
    /** px */
    private const CELL = 96.0;

    /** What lies in more cells than these is looked at each time. */
    private const MANY = 64;

    /** @var array<int, list<int>> by cell */
    private array $cells = [];

    /** @var list<int> */
    private array $large = [];

    /** @param  array<int, Rect>  $boxes  by their places */
    public function __construct(private readonly array $boxes)
    {
        foreach ($boxes as $place => $box) {
            [$left, $top, $right, $bottom] = self::span($box);
            if (($right - $left + 1) * ($bottom - $top + 1) > self::MANY) {
                $this->large[] = $place;

                continue;
            }
            for ($x = $left; $x <= $right; $x++) {
                for ($y = $top; $y <= $bottom; $y++) {
                    $this->cells[($x << 22) + $y][] = $place;
                }
            }
        }
    }

    /** @return list<int> the places of all that meet a box, in their order */
    public function meeting(Rect $box): array
    {
        [$left, $top, $right, $bottom] = self::span($box);
        $found = [];
        foreach ($this->large as $place) {
            if ($this->boxes[$place]->meets($box)) {
                $found[$place] = $place;
            }
        }
        for ($x = $left; $x <= $right; $x++) {
            for ($y = $top; $y <= $bottom; $y++) {
                foreach ($this->cells[($x << 22) + $y] ?? [] as $place) {
                    if (! isset($found[$place]) && $this->boxes[$place]->meets($box)) {
                        $found[$place] = $place;
                    }
                }
            }
        }
        sort($found);

        return $found;
    }

    /** @return array{int, int, int, int} the cells of its left, top, right and bottom */
    private static function span(Rect $box): array
    {
        return [(int) floor($box->x / self::CELL), (int) floor($box->y / self::CELL), (int) floor($box->right() / self::CELL), (int) floor($box->bottom() / self::CELL)];
    }
}
