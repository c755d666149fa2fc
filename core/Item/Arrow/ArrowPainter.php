<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Arrow;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\CorneredPainter;

final class ArrowPainter extends CorneredPainter
{
    protected function tips(Item $item): array
    {
        [$w, $h] = [$item->frame->w, $item->frame->h];
        if ($w <= 0 || $h <= 0) {
            return [];
        }
        $isBoth = $item->fields['heads'] === 'both';
        [$neck, $half] = [$w - $item->number('head'), $item->number('shaft') / 2];
        $front = match (true) {
            // Nothing is left of the shaft.
            $neck <= ($isBoth ? $w / 2 : 0.0) => [[$isBoth ? $w / 2 : 0.0, 0.0], [$w, $h / 2], [$isBoth ? $w / 2 : 0.0, $h]],
            $half < $h / 2 => [[$neck, $h / 2 - $half], [$neck, 0.0], [$w, $h / 2], [$neck, $h], [$neck, $h / 2 + $half]],
            default => [[$neck, 0.0], [$w, $h / 2], [$neck, $h]],
        };
        $back = match (true) {
            $isBoth => array_map(static fn (array $p): array => [$w - $p[0], $h - $p[1]], $front),
            $neck <= 0.0 => [],
            default => [[0.0, min($h, $h / 2 + $half)], [0.0, max(0.0, $h / 2 - $half)]],
        };
        if ($isBoth && $neck <= $w / 2) {
            // The heads meet where each of them is highest.
            $back = [$back[1]];
        }

        return array_map(static fn (array $p): Point => new Point($p[0], $p[1]), [...$front, ...$back]);
    }
}
