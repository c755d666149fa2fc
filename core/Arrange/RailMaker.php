<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Rail\Across;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\Padding;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Rail\Sizing;

/**
 * Reads off things as they lie how a rail would lay them out just so (RULES 13): its direction is that of the larger spread of
 * their centres, its gap the most frequent one, other gaps become gaps of their own, and what stands elsewhere across is shifted aside.
 */
final class RailMaker
{
    /**
     * @param  non-empty-array<string, Rect>  $boxes  in the space of the rail, whose top left is 0, 0; by id
     * @param  Rect  $frame  of the rail, at 0, 0
     * @param  Axis|null  $direction  where it is known
     * @return array{RailRules, non-empty-array<string, Berth>} with the things in their order along it
     */
    public static function of(array $boxes, Rect $frame, ?Axis $direction = null): array
    {
        $along = $direction ?? (self::spread($boxes, Axis::X) >= self::spread($boxes, Axis::Y) ? Axis::X : Axis::Y);
        uasort($boxes, static fn (Rect $a, Rect $b): int => [$along->centre($a), $along->lead($a)] <=> [$along->centre($b), $along->lead($b)]);
        $gaps = [];
        $last = null;
        foreach ($boxes as $id => $box) {
            $gaps[$id] = $last === null ? null : Length::round($along->lead($box) - $along->trail($last));
            $last = $box;
        }
        $gap = self::mostFrequent(array_values(array_filter($gaps, is_float(...))));
        $box = Rect::unionOf(array_values($boxes)) ?? $frame;
        // Where the first thing lies outside, or the last one, there is no padding there.
        $padding = new Padding(max(0.0, $box->x), max(0.0, $box->y), max(0.0, $frame->w - $box->right()), max(0.0, $frame->h - $box->bottom()));
        [$across, $asides] = self::across($boxes, $along->across(), $padding, $frame);
        $berths = [];
        // From where the rail will have it, and not from where the one before lies, so that what is rounded does not add up.
        $at = $padding->lead($along);
        foreach ($boxes as $id => $box) {
            $before = Length::round($along->lead($box) - $at);
            $berths[$id] = new Berth($before, $asides[$id]);
            $at += $before + $along->size($box) + $gap;
        }
        $ends = $boxes[array_key_last($boxes)];
        $length = $along->trail($ends) - $padding->lead($along) + $padding->both($along);
        $thickness = max(array_map($along->across()->size(...), $boxes)) + $padding->both($along->across());
        $sizing = static fn (Axis $axis): Sizing => Length::same($axis === $along ? $length : $thickness, $axis->size($frame)) ? Sizing::Content : Sizing::Fixed;

        return [new RailRules($along, $gap, $padding, $across, width: $sizing(Axis::X), height: $sizing(Axis::Y)), $berths];
    }

    /** @param  non-empty-array<string, Rect>  $boxes */
    private static function spread(array $boxes, Axis $axis): float
    {
        $centres = array_map($axis->centre(...), $boxes);

        return max($centres) - min($centres);
    }

    /**
     * @param  list<float>  $gaps
     * @return float the smaller of two that are as frequent
     */
    private static function mostFrequent(array $gaps): float
    {
        $counts = array_count_values(array_map(Length::text(...), $gaps));
        uksort($counts, static fn (int|string $a, int|string $b): int => [$counts[$b], (float) $a] <=> [$counts[$a], (float) $b]);

        return (float) (array_key_first($counts) ?? 0.0);
    }

    /**
     * Where most of them stand across, and by how much each stands elsewhere.
     *
     * @param  non-empty-array<string, Rect>  $boxes
     * @return array{Across, non-empty-array<string, float>}
     */
    private static function across(array $boxes, Axis $axis, Padding $padding, Rect $frame): array
    {
        $room = $axis->size($frame) - $padding->both($axis);
        $best = null;
        foreach ([Across::Start, Across::Centre, Across::End] as $across) {
            $share = ['start' => 0.0, 'centre' => 0.5, 'end' => 1.0][$across->value];
            $asides = array_map(static fn (Rect $box): float => Length::round($axis->lead($box) - $padding->lead($axis) - ($room - $axis->size($box)) * $share), $boxes);
            $off = count(array_filter($asides, static fn (float $aside): bool => ! Length::same($aside, 0.0)));
            if ($best === null || $off < $best[0]) {
                $best = [$off, $across, $asides];
            }
        }

        return [$best[1], $best[2]];
    }
}
