<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

/**
 * Cuts pieces where they cross, touch or lie on one another, until they meet in their ends only. A crossing is brought onto the grid,
 * which bends pieces by less than its pitch; what that makes cross anew is cut again.
 *
 * @phpstan-import-type Piece from Pieces
 */
final class Crossings
{
    /** Bending pieces by less than a pitch makes fewer new crossings each time. */
    private const MOST_ROUNDS = 12;

    /**
     * @param  list<Piece>  $pieces
     * @return list<Piece>
     */
    public static function cut(array $pieces): array
    {
        $isNew = array_fill(0, count($pieces), true);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $cuts = self::found($pieces, $isNew);
            if ($cuts === []) {
                break;
            }
            [$next, $new] = [[], []];
            foreach ($pieces as $i => $piece) {
                $parts = isset($cuts[$i]) ? self::parts($piece, $cuts[$i]) : [$piece];
                foreach ($parts as $part) {
                    $next[] = $part;
                    $new[] = count($parts) > 1;
                }
            }
            [$pieces, $isNew] = [$next, $new];
        }

        return $pieces;
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<bool>  $isNew  which have not been looked at yet
     * @return array<int, array<string, array{int, int}>> places at which each is to be cut
     */
    private static function found(array $pieces, array $isNew): array
    {
        $lines = array_map(static fn (array $p): array => $p[1] < $p[3] ? [$p[0], $p[1], $p[2], $p[3], 1] : [$p[2], $p[3], $p[0], $p[1], -1], $pieces);
        $cuts = [];
        foreach ((new Bands($lines))->all() as $band) {
            self::look($pieces, $isNew, $band, $cuts);
        }

        return $cuts;
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<bool>  $isNew
     * @param  list<int>  $order  those that are compared
     * @param  array<int, array<string, array{int, int}>>  $cuts  to which what is found is added
     */
    private static function look(array $pieces, array $isNew, array $order, array &$cuts): void
    {
        // From left to right: each is compared with those that begin before it ends.
        $lefts = array_map(static fn (int $i): int => $pieces[$i][0] < $pieces[$i][2] ? $pieces[$i][0] : $pieces[$i][2], $order);
        array_multisort($lefts, SORT_NUMERIC, $order);
        $count = count($order);
        for ($k = 0; $k < $count; $k++) {
            $i = $order[$k];
            [$ax, $ay, $bx, $by] = $pieces[$i];
            $right = $ax > $bx ? $ax : $bx;
            [$top, $bottom] = $ay < $by ? [$ay, $by] : [$by, $ay];
            [$abx, $aby] = [$bx - $ax, $by - $ay];
            for ($l = $k + 1; $l < $count && $lefts[$l] <= $right; $l++) {
                $j = $order[$l];
                [$cx, $cy, $dx, $dy] = $pieces[$j];
                if (($cy < $top && $dy < $top) || ($cy > $bottom && $dy > $bottom) || ! ($isNew[$i] || $isNew[$j])) {
                    continue;
                }
                $sharesEnd = ($cx === $bx && $cy === $by) || ($dx === $ax && $dy === $ay) || ($cx === $ax && $cy === $ay) || ($dx === $bx && $dy === $by);
                if ($sharesEnd && $abx * ($dy - $cy) !== $aby * ($dx - $cx)) {
                    continue;
                }
                $c = $abx * ($cy - $ay) - $aby * ($cx - $ax);
                $d = $abx * ($dy - $ay) - $aby * ($dx - $ax);
                if (($c > 0 && $d > 0) || ($c < 0 && $d < 0)) {
                    continue;
                }
                [$cdx, $cdy] = [$dx - $cx, $dy - $cy];
                $a = $cdx * ($ay - $cy) - $cdy * ($ax - $cx);
                $b = $cdx * ($by - $cy) - $cdy * ($bx - $cx);
                if (($a > 0 && $b > 0) || ($a < 0 && $b < 0)) {
                    continue;
                }
                if ($a !== 0 && $b !== 0 && $c !== 0 && $d !== 0) {
                    $t = $a / ($a - $b);
                    self::note($cuts, $pieces, $i, $j, (int) round($ax + $t * $abx), (int) round($ay + $t * $aby));

                    continue;
                }
                // An end of one lies on the line of the other: it cuts that, if it lies between its ends.
                foreach ([[$c, $cx, $cy], [$d, $dx, $dy], [$a, $ax, $ay], [$b, $bx, $by]] as [$off, $x, $y]) {
                    if ($off === 0) {
                        self::note($cuts, $pieces, $i, $j, $x, $y);
                    }
                }
            }
        }
    }

    /**
     * @param  array<int, array<string, array{int, int}>>  $cuts
     * @param  list<Piece>  $pieces
     */
    private static function note(array &$cuts, array $pieces, int $i, int $j, int $x, int $y): void
    {
        foreach ([$i, $j] as $of) {
            [$ax, $ay, $bx, $by] = $pieces[$of];
            $isEnd = ($x === $ax && $y === $ay) || ($x === $bx && $y === $by);
            $isWithin = $x >= min($ax, $bx) && $x <= max($ax, $bx) && $y >= min($ay, $by) && $y <= max($ay, $by);
            if (! $isEnd && $isWithin) {
                $cuts[$of]["$x $y"] = [$x, $y];
            }
        }
    }

    /**
     * @param  Piece  $piece
     * @param  array<string, array{int, int}>  $places
     * @return list<Piece>
     */
    private static function parts(array $piece, array $places): array
    {
        [$ax, $ay, $bx, $by, $shape, $source, $from, $to] = $piece;
        [$dx, $dy] = [$bx - $ax, $by - $ay];
        $square = $dx * $dx + $dy * $dy;
        $along = array_map(static fn (array $p): float => (($p[0] - $ax) * $dx + ($p[1] - $ay) * $dy) / $square, $places);
        asort($along);
        $parts = [];
        [$x, $y, $t] = [$ax, $ay, $from];
        foreach ($along as $key => $share) {
            [$toX, $toY] = $places[$key];
            $next = $from + ($to - $from) * $share;
            $parts[] = [$x, $y, $toX, $toY, $shape, $source, $t, $next];
            [$x, $y, $t] = [$toX, $toY, $next];
        }
        $parts[] = [$x, $y, $bx, $by, $shape, $source, $t, $to];

        return $parts;
    }
}
