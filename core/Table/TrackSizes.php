<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Geometry\Length;

/** How large columns or rows come out, px. */
final class TrackSizes
{
    /**
     * Sizes of columns or rows. One that shares has what it needs at least; the others share what is left then (as CSS Flexible Box Layout,
     * section 9.7, resolves flexible lengths).
     *
     * @param  non-empty-list<Track>  $tracks
     * @param  array<int, float>  $needs  px, of those that follow their content, or share
     * @param  float  $extent  px of all of them, gaps and all
     * @param  float  $least  px that one that shares has where nothing is said of its needs
     * @param  bool  $whole  whether each edge is brought to a whole px
     * @return non-empty-list<float>
     */
    public static function of(array $tracks, array $needs, float $extent, float $gap, float $least, bool $whole): array
    {
        $rest = $extent - (count($tracks) - 1) * $gap;
        $up = static fn (float $v): float => $whole ? max(1.0, ceil($v - Length::SAME)) : max(0.001, Length::round($v + 0.0004));
        $sizes = $sharing = [];
        foreach ($tracks as $i => $track) {
            $sizes[$i] = $track->sizing === TrackSizing::Fixed ? $track->value : $up($needs[$i] ?? ($track->sizing === TrackSizing::Share ? $least : 0.0));
            if ($track->sizing === TrackSizing::Share) {
                $sharing[$i] = $track->value;
            } else {
                $rest -= $sizes[$i];
            }
        }
        do {
            $sum = array_sum($sharing);
            $held = array_filter($sharing, static fn (float $share, int $i): bool => $rest * $share < $sizes[$i] * $sum, ARRAY_FILTER_USE_BOTH);
            $sharing = array_diff_key($sharing, $held);
            $rest -= array_sum(array_intersect_key($sizes, $held));
        } while ($held !== [] && $sharing !== []);
        $settled = static fn (float $v): float => $whole ? Length::whole($v) : Length::round($v);
        $before = 0.0;
        foreach ($sharing as $i => $share) {
            $after = $before + $share / $sum;
            $sizes[$i] = Length::round($settled($rest * $after) - $settled($rest * $before));
            $before = $after;
        }

        // @phpstan-ignore return.type (as many as tracks)
        return $sizes;
    }

    /**
     * Where each of these begins, one behind the other.
     *
     * @param  non-empty-list<float>  $sizes
     * @return non-empty-list<float>
     */
    public static function starts(array $sizes, float $at, float $gap): array
    {
        $starts = [];
        foreach ($sizes as $size) {
            $starts[] = Length::round($at);
            $at += $size + $gap;
        }

        return $starts;
    }
}
