<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Placed;

/** Brings sizes that were meant to be equal to one, each by half of the tolerance at most, about its centre. */
final readonly class SizeFinder
{
    public function __construct(private Wish $wish)
    {
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<bool>  $holds  whether other things are in it
     * @return list<Placed>
     */
    public function sized(array $placed, array $holds): array
    {
        $free = array_keys(array_filter($placed, static fn (Placed $one, int $i): bool => $one->isGround && ! $holds[$i] && ! $one->locked && ! $one->isTurned
            && $one->standsBy === null && $one->baseline === null && $one->box->w > 0 && $one->box->h > 0, ARRAY_FILTER_USE_BOTH));
        $sizes = [];
        foreach ($free as $i) {
            $sizes["w $i"] = $placed[$i]->box->w;
            $sizes["h $i"] = $placed[$i]->box->h;
        }
        $new = $this->equal($sizes);
        foreach ($free as $i) {
            $box = $this->about($placed[$i]->box, $new["w $i"], $new["h $i"]);
            if ($box !== $placed[$i]->box) {
                $placed[$i] = $placed[$i]->in($box);
            }
        }

        return array_values($placed);
    }

    private function about(Rect $box, float $w, float $h): Rect
    {
        $lead = fn (Axis $axis, float $size): float => $this->wish->whole
            ? Length::whole($axis->lead($box)) - floor(($size - $axis->size($box)) / 2)
            : $axis->lead($box) - ($size - $axis->size($box)) / 2;

        return $w === $box->w && $h === $box->h ? $box : new Rect($w === $box->w ? $box->x : $lead(Axis::X, $w), $h === $box->h ? $box->y : $lead(Axis::Y, $h), $w, $h);
    }

    /**
     * @param  array<string, float>  $sizes  px
     * @return array<string, float>
     */
    private function equal(array $sizes): array
    {
        asort($sizes);
        $keys = array_keys($sizes);
        $numbers = array_values($sizes);
        $reach = $this->wish->tolerance / 2;
        if (self::areApart($numbers, 2 * $reach)) {
            return $sizes;
        }
        $noise = max(0.3, $reach / 3);
        $segments = Segments::of($numbers, array_fill(0, count($numbers), $noise ** 2), LineFinder::cost($noise, max([1.0, ...$numbers])), 0.0, 2 * $reach)->each;
        $means = array_map(static fn (array $of): array => [array_sum(array_slice($numbers, $of[0], $of[1] - $of[0])) / ($of[1] - $of[0]), $noise / sqrt($of[1] - $of[0])], $segments);
        $values = Values::of($means);
        foreach ($segments as $k => [$from, $to]) {
            $run = array_slice($numbers, $from, $to - $from);
            if ($run[0] === end($run)) {
                continue;
            }
            $counts = array_count_values(array_map(strval(...), $run));
            arsort($counts);
            // What most have already is what was meant.
            $value = 2 * reset($counts) > count($run) ? (float) array_key_first($counts) : Values::best($means[$k][0], $means[$k][1], $values->likely(...));
            for ($i = $from; $i < $to; $i++) {
                if (abs($numbers[$i] - $value) <= $reach + Length::SAME && $value > 0) {
                    $sizes[$keys[$i]] = $value;
                }
            }
        }

        return $sizes;
    }

    /**
     * Whether all that are not the same already are too far from each other to be meant as the same.
     *
     * @param  list<float>  $numbers  ascending
     */
    private static function areApart(array $numbers, float $reach): bool
    {
        for ($i = 1; $i < count($numbers); $i++) {
            $step = $numbers[$i] - $numbers[$i - 1];
            if ($step > 0.0 && $step <= $reach + Length::SAME) {
                return false;
            }
        }

        return true;
    }
}
