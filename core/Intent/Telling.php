<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Spoken;

/** Says in words and numbers what was understood: "3 columns at 64, 248 and 432, 2 rows at 80 and 208, gaps of 24 (4) and 8 (3)". */
final class Telling
{
    /** More places or sizes than this are counted only. */
    private const LISTED = 5;

    /** of more sizes than that, so many are named */
    private const FIRST = 3;

    /**
     * @param  list<Pattern>  $patterns  what holds, the outermost last
     * @param  Point  $zero  that places are counted from
     */
    public static function of(array $patterns, Point $zero): string
    {
        $pattern = end($patterns);
        if ($pattern === false) {
            return 'nothing lies side by side';
        }
        $inside = count($patterns) - 1;
        $parts = array_filter([
            self::lines($pattern, Axis::X, $zero->x, 'column'),
            self::lines($pattern, Axis::Y, $zero->y, 'row'),
            self::sizes($pattern, Relation::GAP, 'gap'),
            self::sizes($pattern, Relation::INSET, 'inset'),
            $inside === 0 ? '' : 'and what is in '.($inside === 1 ? '1 group' : "$inside groups"),
        ]);

        return $parts === [] ? 'nothing lies in line or at equal distances' : implode(', ', $parts);
    }

    private static function lines(Pattern $pattern, Axis $axis, float $zero, string $noun): string
    {
        $places = [];
        foreach ($pattern->lines as $line) {
            if ($line['axis'] === $axis->value && count($line['items']) > 1) {
                $places[] = Spoken::length($line['at'] - $zero);
            }
        }
        $count = count($places);

        return match (true) {
            $count === 0 => '',
            $count > self::LISTED => "$count {$noun}s",
            default => ($count === 1 ? "1 $noun" : "$count {$noun}s").' at '.self::listed($places),
        };
    }

    private static function sizes(Pattern $pattern, string $sort, string $noun): string
    {
        $counts = [];
        foreach ($pattern->distances as $one) {
            if ($one['sort'] === $sort) {
                $size = Spoken::length($one['size']);
                $counts[$size] = ($counts[$size] ?? 0) + count($one['between']);
            }
        }
        arsort($counts);
        $sizes = array_map(static fn (int|string $size, int $count): string => "$size ($count)", array_keys($counts), array_values($counts));

        return match (true) {
            // Many insets say less than anything else.
            $sizes === [], count($sizes) > self::LISTED && $sort === Relation::INSET => '',
            count($sizes) > self::LISTED => "{$noun}s of ".implode(', ', array_slice($sizes, 0, self::FIRST)).' and '.(count($sizes) - self::FIRST).' other sizes',
            default => "{$noun}s of ".self::listed($sizes),
        };
    }

    /** @param  non-empty-list<string>  $texts */
    private static function listed(array $texts): string
    {
        $last = array_pop($texts);

        return $texts === [] ? $last : implode(', ', $texts)." and $last";
    }
}
