<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/**
 * The rows, or the columns, that a person meant (RULES 7).
 *
 * In the order of their middles, an item joins a lane when it overlaps what all its members have in common by half
 * of the smaller of the two or more. One that overlaps two lanes so belongs to neither and spans them.
 */
final readonly class Lanes
{
    /** Boxes of turned items are known, and can be placed, to about 1/1000 px. */
    public const CLOSE = 0.003;

    /**
     * @param  list<non-empty-list<string>>  $lanes  ids, in the order of the lanes along the axis
     * @param  array<string, int>  $spanning  the first lane that it spans, by id
     */
    private function __construct(public array $lanes, public array $spanning)
    {
    }

    /**
     * @param  array<string, Rect>  $boxes  by id
     * @param  Axis  $axis  along which they are told apart: y for rows, x for columns
     * @param  array<string, int>  $stack  places in the stack by id, for what lies exactly on one another
     */
    public static function find(array $boxes, Axis $axis, array $stack): self
    {
        $across = $axis->across();
        $keys = $spans = [];
        foreach ($boxes as $id => $box) {
            $spans[$id] = [$axis->lead($box), $axis->trail($box)];
            $keys[$id] = [Length::round($axis->centre($box)), Length::round($across->lead($box)), $stack[$id] ?? 0];
        }
        asort($keys);
        $lanes = $shared = [];
        foreach (array_keys($keys) as $id) {
            $joined = count($lanes);
            foreach ($shared as $i => [$start, $end]) {
                if (self::joins($spans[$id], $start, $end)) {
                    $joined = $i;
                    break;
                }
            }
            $lanes[$joined][] = (string) $id;
            $shared[$joined] = self::narrowed($shared[$joined] ?? null, $spans[$id]);
        }
        [$lanes, $spanning] = self::withoutSpanning($spans, $lanes, array_map(strval(...), array_keys($keys)));
        foreach ($lanes as $i => $lane) {
            usort($lane, static fn (string $a, string $b): int => [$across->lead($boxes[$a]), $stack[$a] ?? 0] <=> [$across->lead($boxes[$b]), $stack[$b] ?? 0]);
            $lanes[$i] = $lane;
        }

        return new self($lanes, $spanning);
    }

    /**
     * Row by row, from left to right; what spans rows stands in the first of them.
     *
     * @param  array<string, Rect>  $boxes
     * @param  array<string, int>  $stack
     * @return list<string>
     */
    public static function readingOrder(array $boxes, array $stack): array
    {
        $rows = self::find($boxes, Axis::Y, $stack);
        $order = [];
        foreach ($rows->lanes as $i => $row) {
            $row = [...$row, ...array_map(strval(...), array_keys($rows->spanning, $i, true))];
            usort($row, static fn (string $a, string $b): int => [Length::round($boxes[$a]->x), $stack[$a] ?? 0] <=> [Length::round($boxes[$b]->x), $stack[$b] ?? 0]);
            array_push($order, ...$row);
        }

        return $order;
    }

    /** @param  array{float, float}  $span  where the item begins and ends */
    private static function joins(array $span, float $start, float $end): bool
    {
        [$lead, $trail] = $span;
        $overlap = ($trail < $end ? $trail : $end) - ($lead > $start ? $lead : $start);

        return $overlap > -self::CLOSE && $overlap >= min($end - $start, $trail - $lead) / 2 - self::CLOSE;
    }

    /**
     * @param  array{float, float}|null  $shared  what the members so far have in common
     * @param  array{float, float}  $span
     * @return array{float, float}
     */
    private static function narrowed(?array $shared, array $span): array
    {
        return $shared === null ? $span : [max($shared[0], $span[0]), min($shared[1], $span[1])];
    }

    /**
     * What the members of a lane have in common.
     *
     * @param  array<string, array{float, float}>  $spans
     * @param  list<string>  $lane
     * @return array{float, float}|null null for none
     */
    private static function shared(array $spans, array $lane, ?string $besides = null): ?array
    {
        $shared = null;
        foreach ($lane as $id) {
            $shared = $id === $besides ? $shared : self::narrowed($shared, $spans[$id]);
        }

        return $shared;
    }

    /**
     * @param  array<string, array{float, float}>  $spans
     * @param  array<int, non-empty-list<string>>  $lanes
     * @param  list<string>  $order
     * @return array{list<non-empty-list<string>>, array<string, int>}
     */
    private static function withoutSpanning(array $spans, array $lanes, array $order): array
    {
        $shared = $spanned = [];
        /** @var array<string, int> $own */
        $own = [];
        foreach ($lanes as $i => $lane) {
            $shared[$i] = self::shared($spans, $lane);
            $own += array_fill_keys($lane, $i);
        }
        foreach ($order as $id) {
            $joined = [];
            foreach ($shared as $i => $range) {
                if ($i !== $own[$id] && $range !== null && self::joins($spans[$id], $range[0], $range[1])) {
                    $joined[] = $i;
                }
            }
            // Its own lane counts for its other members.
            $others = $joined === [] ? null : self::shared($spans, $lanes[$own[$id]], $id);
            if ($others !== null && self::joins($spans[$id], $others[0], $others[1])) {
                $joined[] = $own[$id];
            }
            if (count($joined) > 1) {
                $spanned[$id] = min($joined);
            }
        }
        $kept = $places = [];
        foreach ($lanes as $i => $lane) {
            $rest = array_values(array_filter($lane, static fn (string $id): bool => ! isset($spanned[$id])));
            if ($rest !== []) {
                $places[$i] = count($kept);
                $kept[] = $rest;
            }
        }

        return [$kept, array_map(static fn (int $i): int => $places[$i] ?? 0, $spanned)];
    }
}
