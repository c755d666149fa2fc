<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Adjacency;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** How well a disturbed layout was understood, counted against the layout as it was made. */
final class Scores
{
    /** @var array<string, array{int, int}> how many, of how many, by what is counted */
    private array $counts = [];

    /** @return list<Meant> */
    public static function meant(Scene $scene, bool $sizes = false): array
    {
        return (new Intent($scene->sheet, self::plan($scene), [], Wish::of($scene->sheet, sizes: $sizes)))->ofSheet();
    }

    public static function plan(Scene $scene): Plan
    {
        $tree = $scene->draft()->tree;

        return Planning::of($tree, $scene->boxes(), By::Frame, new Baseline($tree, $scene->boxes(), Fonts::library()));
    }

    /** @return list<Rect> */
    public static function boxes(Scene $scene): array
    {
        return array_map(static fn (Placed $one): Rect => $one->box, self::plan($scene)->placed);
    }

    /**
     * Counts one layout.
     *
     * @param  Scene  $true  as it was made
     * @param  list<Rect>  $were  as it was disturbed
     * @param  list<Rect>  $are  as it was understood
     * @param  int  $px  by how much it was disturbed, at most
     */
    public function add(Scene $true, array $were, array $are, int $px): void
    {
        $placed = self::plan($true)->placed;
        $shift = [];
        foreach (Axis::cases() as $axis) {
            $shift[$axis->value] = self::commonest(array_map(static fn (Rect $is, Placed $one): float => $axis->lead($is) - $axis->lead($one->box), $are, $placed));
        }
        foreach ($placed as $i => $one) {
            $off = max(abs($are[$i]->x - $one->box->x - $shift['x']), abs($are[$i]->y - $one->box->y - $shift['y']));
            $this->count('back', $off < 0.01);
            $this->count('torn', $off > 3 * max($px, 0.3));
            $this->count('far', max(abs($are[$i]->x - $were[$i]->x), abs($are[$i]->y - $were[$i]->y)) > 6.001);
            $this->count('moved', max(abs($are[$i]->x - $were[$i]->x), abs($are[$i]->y - $were[$i]->y)) > 0.0005);
        }
        foreach (Axis::cases() as $axis) {
            $this->lines($axis, $placed, $are);
            $this->gaps($axis, $placed, $are);
        }
    }

    public function count(string $what, bool $holds): void
    {
        $this->counts[$what] ??= [0, 0];
        $this->counts[$what][0] += $holds ? 1 : 0;
        $this->counts[$what][1]++;
    }

    /** The share of what holds, 0 to 1. */
    public function share(string $what): float
    {
        return $this->tried($what) === 0 ? 0.0 : $this->counts[$what][0] / $this->counts[$what][1];
    }

    public function tried(string $what): int
    {
        return $this->counts[$what][1] ?? 0;
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<Rect>  $are
     */
    private function lines(Axis $axis, array $placed, array $are): void
    {
        $true = self::pairs($axis, $placed, array_map(static fn (Placed $one): Rect => $one->box, $placed));
        $now = self::pairs($axis, $placed, $are);
        foreach (array_keys($true) as $pair) {
            $this->count('aligned', isset($now[$pair]));
        }
        foreach (array_keys($now) as $pair) {
            [$a, $b] = array_map(intval(...), explode(' ', (string) $pair));
            $isMeant = false;
            foreach (self::edges($axis, $placed[$a], $placed[$a]->box) as $edge => $at) {
                $isMeant = $isMeant || abs($at - (self::edges($axis, $placed[$b], $placed[$b]->box)[$edge] ?? INF)) < 0.01;
            }
            $this->count('new', ! $isMeant);
        }
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<Rect>  $boxes
     * @return array<string, true> next to each other on a line
     */
    private static function pairs(Axis $axis, array $placed, array $boxes): array
    {
        $lines = $pairs = [];
        foreach ($placed as $i => $one) {
            foreach (self::edges($axis, $one, $boxes[$i]) as $edge => $at) {
                $lines["$edge ".(int) round($at * 1000)][] = $i;
            }
        }
        foreach ($lines as $members) {
            for ($k = 1, $n = count($members); $k < $n; $k++) {
                $pairs["{$members[$k - 1]} $members[$k]"] = true;
            }
        }

        return $pairs;
    }

    /** @return array<string, float> */
    private static function edges(Axis $axis, Placed $one, Rect $box): array
    {
        $all = ['0' => $axis->lead($box), '0.5' => $axis->lead($box) + floor($axis->size($box) / 2), '1' => $axis->trail($box)];

        return $axis === Axis::X && $one->standsBy !== null ? ["$one->standsBy" => $all["$one->standsBy"]] : $all;
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<Rect>  $are
     */
    private function gaps(Axis $axis, array $placed, array $are): void
    {
        $bySize = [];
        $true = array_map(static fn (Placed $one): Rect => $one->box, $placed);
        foreach ((new Adjacency($true, $axis))->pairs as [$a, $b]) {
            if ($axis === Axis::Y || (($placed[$a]->standsBy ?? 1.0) === 1.0 && ($placed[$b]->standsBy ?? 0.0) === 0.0)) {
                $bySize[(int) round(1000 * ($axis->lead($true[$b]) - $axis->trail($true[$a])))][] = $axis->lead($are[$b]) - $axis->trail($are[$a]);
            }
        }
        foreach ($bySize as $sizes) {
            for ($i = 1, $n = count($sizes); $i < $n; $i++) {
                $this->count('equal', abs($sizes[$i] - $sizes[$i - 1]) < 0.01);
            }
        }
    }

    /** @param  list<float>  $values */
    private static function commonest(array $values): float
    {
        $counts = array_count_values(array_map(static fn (float $value): string => (string) round($value, 3), $values));
        arsort($counts);

        return (float) array_key_first($counts);
    }
}
