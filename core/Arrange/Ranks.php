<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Draft;

/** The sparse integers that order siblings back to front. Putting one item elsewhere changes one row. */
final readonly class Ranks
{
    public const STEP = 1 << 20;

    public function __construct(private Draft $draft)
    {
    }

    /** Above everything in that parent. */
    public function top(?string $parent): int
    {
        $siblings = $this->draft->tree->children($parent);

        return $siblings === [] ? 0 : end($siblings)->rank + self::STEP;
    }

    /**
     * Puts items, which have that parent already, at an index among their other siblings, in the order given.
     * Only when there is no room between two ranks are the siblings numbered anew.
     *
     * @param  list<string>  $ids
     * @param  int  $index  0 is at the back
     */
    public function insert(?string $parent, int $index, array $ids): void
    {
        $others = array_values(array_filter(
            $this->draft->tree->children($parent),
            static fn (Item $item): bool => ! in_array($item->id, $ids, true),
        ));
        $index = max(0, min($index, count($others)));
        $below = ($others[$index - 1] ?? null)?->rank;
        $above = ($others[$index] ?? null)?->rank;
        $step = match (true) {
            $below !== null && $above !== null => intdiv($above - $below, count($ids) + 1),
            default => self::STEP,
        };
        if ($step < 1) {
            $order = [...array_slice($others, 0, $index), ...array_map($this->draft->item(...), $ids), ...array_slice($others, $index)];
            foreach ($order as $i => $item) {
                $this->put($item, $i * self::STEP);
            }

            return;
        }
        $start = $below ?? ($above === null ? -self::STEP : $above - $step * (count($ids) + 1));
        foreach ($ids as $i => $id) {
            $this->put($this->draft->item($id), $start + $step * ($i + 1));
        }
    }

    /**
     * Puts items, which have that parent already, directly above others of its children.
     *
     * @param  array<string, list<string>>  $above  ids by the id of what they are put above
     */
    public function above(?string $parent, array $above): void
    {
        $new = array_flip(array_merge(...array_values($above)));
        $others = array_values(array_filter($this->draft->tree->children($parent), static fn (Item $item): bool => ! isset($new[$item->id])));
        $order = [];
        $hasRoom = true;
        foreach ($others as $i => $other) {
            $order[] = [$other->id, $other->rank];
            $put = $above[$other->id] ?? [];
            $step = isset($others[$i + 1]) ? intdiv($others[$i + 1]->rank - $other->rank, count($put) + 1) : self::STEP;
            $hasRoom = $hasRoom && ($put === [] || $step >= 1);
            foreach ($put as $n => $id) {
                $order[] = [$id, $other->rank + $step * ($n + 1)];
            }
        }
        foreach ($order as $i => [$id, $rank]) {
            $this->put($this->draft->item($id), $hasRoom ? $rank : $i * self::STEP);
        }
    }

    private function put(Item $item, int $rank): void
    {
        if ($item->rank !== $rank) {
            $this->draft->put($item->with(['rank' => $rank]));
        }
    }

    /**
     * How many of the parent's other children lie beneath the foremost of the items.
     *
     * @param  list<string>  $ids  back to front
     */
    public function placeOfForemost(array $ids, ?string $parent): int
    {
        $foremost = (string) end($ids);
        $place = 0;
        foreach ($this->draft->tree->children($parent) as $child) {
            if ($child->id === $foremost) {
                return $place;
            }
            $place += in_array($child->id, $ids, true) ? 0 : 1;
            if ($this->draft->tree->isWithin($foremost, $child->id)) {
                return $place;
            }
        }

        return $place;
    }
}
