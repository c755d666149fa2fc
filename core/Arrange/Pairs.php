<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Rect;

/** Gives each item an anchor of its own: the pairs that overlap most first, then those whose centres lie nearest (RULES 3). */
final class Pairs
{
    /**
     * @param  array<string, Rect>  $items  boxes by id
     * @param  array<string, Rect>  $anchors  boxes by id
     * @return array<string, string> anchor by item; items without one are left out
     */
    public static function of(array $items, array $anchors): array
    {
        $candidates = [];
        foreach ($items as $id => $box) {
            foreach ($anchors as $anchor => $other) {
                $candidates[] = [-self::overlap($box, $other), self::distance($box, $other), count($candidates), (string) $id, (string) $anchor];
            }
        }
        sort($candidates);
        $pairs = $used = [];
        foreach ($candidates as [, , , $id, $anchor]) {
            if (! isset($pairs[$id]) && ! isset($used[$anchor])) {
                $pairs[$id] = $anchor;
                $used[$anchor] = true;
            }
        }

        return $pairs;
    }

    private static function overlap(Rect $a, Rect $b): float
    {
        return max(0.0, min($a->right(), $b->right()) - max($a->x, $b->x)) * max(0.0, min($a->bottom(), $b->bottom()) - max($a->y, $b->y));
    }

    private static function distance(Rect $a, Rect $b): float
    {
        $between = $a->centre()->minus($b->centre());

        return hypot($between->x, $between->y);
    }
}
