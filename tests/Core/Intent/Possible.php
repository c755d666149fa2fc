<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Intent\Bodies;
use AllSquare\Core\Intent\Fit;
use AllSquare\Core\Intent\GapFinder;
use AllSquare\Core\Intent\LineFinder;
use AllSquare\Core\Intent\MeantLine;
use AllSquare\Core\Intent\Relation;
use AllSquare\Core\Intent\RelationFinder;
use AllSquare\Core\Intent\Things;
use AllSquare\Core\Measure\Grounds;
use AllSquare\Core\Sheet\Placed;
use Tests\Core\Support\Scene;

/**
 * What could be had at best: a least squares fit that is told the true structure, and the unit on which the layout was made.
 */
final class Possible
{
    /**
     * @param  list<Rect>  $were  as it was disturbed
     * @param  int  $px  by how much, at most
     * @return list<Rect>
     */
    public static function boxes(Scene $true, array $were, int $px, int $unit): array
    {
        $plan = Scores::plan($true);
        $grounds = new Grounds($plan);
        $lyingOn = array_filter(array_map($grounds->of(...), array_keys($plan->placed)), is_int(...));
        $finder = new RelationFinder($plan->placed, $lyingOn);
        $leads = [];
        foreach (Axis::cases() as $axis) {
            $leads[] = self::along($axis, $plan->placed, $were, $finder->find($axis), $px / 1.7, $unit);
        }

        return array_map(static fn (Rect $box, float $x, float $y): Rect => new Rect($x, $y, $box->w, $box->h), $were, ...$leads);
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<Rect>  $were
     * @param  list<Relation>  $relations
     * @return list<float>
     */
    private static function along(Axis $axis, array $placed, array $were, array $relations, float $noise, int $unit): array
    {
        $far = array_fill(0, count($placed), 10_000.0);
        $true = Things::along($axis, $placed, [], $far, true);
        $now = Things::along($axis, array_map(static fn (Placed $one, Rect $box): Placed => $one->in($box), $placed, $were), [], $far, true);
        [$trueBodies, $bodies] = [new Bodies($true), new Bodies($now)];
        foreach ((new LineFinder(6.0))->find($true, LineFinder::EXACT) as $line) {
            self::lay($line, $true, $trueBodies, $bodies);
        }
        $classes = (new GapFinder(6.0))->find($true, $trueBodies, $relations, LineFinder::EXACT);
        $sizes = array_map(static fn (array $class): float => $class[0]->size($true, $trueBodies), $classes);
        $found = (new Fit($now, $bodies, $classes))->sizes($noise, static fn (int $class, float $size): float => $sizes[$class] + round(($size - $sizes[$class]) / $unit) * $unit);
        foreach ($classes as $class => $members) {
            foreach ($members as $relation) {
                $relation->hold($now, $bodies, $found[$class]);
            }
        }

        return array_map(static fn (int $i, float $lead): float => $lead + round(($bodies->place($i) - $lead) / $unit) * $unit, array_keys($true->leads), $true->leads);
    }

    private static function lay(MeantLine $line, Things $true, Bodies ...$all): void
    {
        foreach ($line->members as $thing) {
            foreach ($all as $bodies) {
                $bodies->join($line->members[0], $thing, $true->edges[$line->members[0]][$line->edge] - $true->edges[$thing][$line->edge]);
            }
        }
    }
}
