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
        $across = $axis === Axis::X ? Axis::Y : Axis::X;
        $keys = [];
        foreach ($boxes as $id => $box) {
            $keys[$id] = [Length::settle($axis->centre($box)), Length::settle($across->lead($box)), $stack[$id] ?? 0];
        }
        asort($keys);
        $lanes = [];
        foreach (array_keys($keys) as $id) {
            $joined = self::joined($boxes, $axis, $lanes, (string) $id)[0] ?? count($lanes);
            $lanes[$joined][] = (string) $id;
        }
        [$lanes, $spanning] = self::withoutSpanning($boxes, $axis, $lanes, array_map(strval(...), array_keys($keys)));
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
            usort($row, static fn (string $a, string $b): int => [Length::settle($boxes[$a]->x), $stack[$a] ?? 0] <=> [Length::settle($boxes[$b]->x), $stack[$b] ?? 0]);
            array_push($order, ...$row);
        }

        return $order;
    }

    /**
     * @param  array<string, Rect>  $boxes
     * @param  array<int, non-empty-list<string>>  $lanes
     * @return list<int> the lanes that an item overlaps enough; its own counts for its other members
     */
    private static function joined(array $boxes, Axis $axis, array $lanes, string $id): array
    {
        $box = $boxes[$id];
        $joined = [];
        foreach ($lanes as $i => $lane) {
            $others = array_filter($lane, static fn (string $other): bool => $other !== $id);
            if ($others === []) {
                continue;
            }
            $start = max(array_map(static fn (string $other): float => $axis->lead($boxes[$other]), $others));
            $end = min(array_map(static fn (string $other): float => $axis->trail($boxes[$other]), $others));
            $overlap = min($end, $axis->trail($box)) - max($start, $axis->lead($box));
            if ($overlap > -self::CLOSE && $overlap >= min($end - $start, $axis->size($box)) / 2 - self::CLOSE) {
                $joined[] = $i;
            }
        }

        return $joined;
    }

    /**
     * @param  array<string, Rect>  $boxes
     * @param  array<int, non-empty-list<string>>  $lanes
     * @param  list<string>  $order
     * @return array{list<non-empty-list<string>>, array<string, int>}
     */
    private static function withoutSpanning(array $boxes, Axis $axis, array $lanes, array $order): array
    {
        $spanned = [];
        foreach ($order as $id) {
            $joined = self::joined($boxes, $axis, $lanes, $id);
            if (count($joined) > 1) {
                $spanned[$id] = $joined[0];
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
