<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Pin;

/**
 * Where the things of a row come to stand in a room of another width: at their distances where there is room, else in proportion, so that
 * what stands in columns still does, else with the largest gaps made smaller.
 */
final readonly class RowFit
{
    /** px: gaps are not made smaller than that, unless they are */
    public const LEAST_GAP = 8.0;

    /** px within which something stands in the middle */
    private const MIDDLE = 2.0;

    /** @var list<float> px between them as they were, none below 0 */
    public array $gaps;

    /** px that are free before the first and behind the last, as they were */
    private float $before;

    private float $after;

    /**
     * @param  non-empty-list<Cluster>  $row  from the left
     * @param  non-empty-list<float>  $widths  px that each is to be wide
     * @param  array{float, float}  $was  the room there was, from and to
     * @param  array{float, float}  $is  the room there is
     */
    public function __construct(private array $row, private array $widths, private array $was, private array $is)
    {
        $gaps = [];
        foreach ($row as $i => $cluster) {
            $i > 0 && $gaps[] = max(0.0, $cluster->box->x - $row[$i - 1]->box->right());
        }
        $this->gaps = $gaps;
        $this->before = max(0.0, $row[0]->box->x - $was[0]);
        $this->after = max(0.0, $was[1] - $row[count($row) - 1]->box->right());
    }

    /** @return list<float>|null the left edge of each; null where there is no room for all of them */
    public function places(): ?array
    {
        $room = $this->is[1] - $this->is[0] - array_sum($this->widths);
        if ($room < min([self::LEAST_GAP, ...$this->gaps]) * count($this->gaps) - Length::SAME) {
            return null;
        }
        $spare = $room - array_sum($this->gaps);
        $spans = $this->before < self::LEAST_GAP && $this->after < self::LEAST_GAP && count($this->row) > 1;

        return $spare >= 0.0 && ! $spans ? $this->spaced($this->gaps, $spare) : $this->inProportion() ?? $this->spaced(self::narrowed($this->gaps, $room), max(0.0, $spare));
    }

    /**
     * @param  list<float>  $gaps
     * @return list<float>
     */
    private function spaced(array $gaps, float $spare): array
    {
        $x = $this->is[0] + $this->lead($spare);
        $places = [];
        foreach ($this->row as $i => $cluster) {
            $places[] = Length::whole($x);
            $x += $this->widths[$i] + ($gaps[$i] ?? 0.0);
        }

        return $places;
    }

    /** How much of the room that is left lies before them: as the first is pinned, or as it stood. */
    private function lead(float $spare): float
    {
        $pin = $this->row[0]->item->pins()->across;

        return match (true) {
            $this->before + $this->after <= 0.0 => 0.0,
            $pin === Pin::End => max(0.0, $spare - $this->after),
            $pin === Pin::Centre || abs($this->before - $this->after) < self::MIDDLE => floor($spare / 2),
            $this->before < $this->after => min($this->before, $spare),
            default => max(0.0, $spare - $this->after),
        };
    }

    /**
     * Each by that edge to which it is nearer, or by its middle.
     *
     * @return list<float>|null null where they would come too close
     */
    private function inProportion(): ?array
    {
        [$from, $to] = $this->was;
        $share = ($this->is[1] - $this->is[0]) / max(1.0, $to - $from);
        $places = [];
        foreach ($this->row as $i => $cluster) {
            $box = $cluster->box;
            [$left, $right] = [$box->x - $from, $to - $box->right()];
            $pin = $cluster->item->pins()->across;
            $align = $cluster->item->fields['align'] ?? null;
            $place = match (true) {
                $pin === Pin::End || $align === 'end' || ($i === count($this->row) - 1 && $right < self::LEAST_GAP) => $this->is[1] - $right * $share - $this->widths[$i],
                $pin === Pin::Centre || $align === 'centre' || abs($left - $right) < self::MIDDLE => $this->is[0] + ($left + $box->w / 2) * $share - $this->widths[$i] / 2,
                default => $this->is[0] + $left * $share,
            };
            $places[] = $place = Length::whole(min($place, $this->is[1] - $this->widths[$i]));
            $free = $i === 0 ? $place - $this->is[0] : $place - $places[$i - 1] - $this->widths[$i - 1];
            if ($free < ($i === 0 ? -1.0 : min(self::LEAST_GAP, $this->gaps[$i - 1]))) {
                return null;
            }
        }

        return $places;
    }

    /**
     * Gaps that are not larger than there is room for: the largest are narrowed first.
     *
     * @param  list<float>  $gaps
     * @return list<float>
     */
    private static function narrowed(array $gaps, float $room): array
    {
        $sorted = $gaps;
        sort($sorted);
        $left = $room;
        foreach ($sorted as $i => $gap) {
            $each = $left / (count($sorted) - $i);
            if ($gap > $each) {
                return array_map(static fn (float $one): float => min($one, floor($each)), $gaps);
            }
            $left -= $gap;
        }

        return $gaps;
    }
}
