<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Pin;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Rail\Sizing;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Margins;

/** Lays out what lies in a box anew where that is wider or narrower: row by row, and what finds no room in its row goes on below it. */
final readonly class Reflow
{
    /** of the room there is, what spans all of it */
    private const SPANS = 0.9;

    /** px: gaps are not made smaller than that, unless they are */
    private const LEAST_GAP = 8.0;

    private const MOST_GAP = 24.0;

    public function __construct(private Draft $draft)
    {
    }

    /**
     * @param  list<Cluster>  $units
     * @param  Rect  $from  the box that they lay in, on the sheet
     * @param  Rect  $to  the box that they are to lie in; its height does not count
     * @param  Margins|null  $margins  at its sides, where they are known
     * @return float px of the sheet: the lower edge of the lowest
     */
    public function contents(array $units, Rect $from, Rect $to, ?Margins $margins = null): float
    {
        if ($units === []) {
            return $to->y;
        }
        $byId = array_combine(array_map(static fn (Cluster $unit): string => $unit->item->id, $units), $units);
        $boxes = array_map(static fn (Cluster $unit): Rect => $unit->box, $byId);
        $room = $this->room($boxes, $from, $to, $margins);
        $end = $lowest = $to->y;
        $last = $from->y;
        foreach (Lanes::find($boxes, Axis::Y, array_flip(array_keys($byId)))->lanes as $lane) {
            $row = array_map(static fn (string $id): Cluster => $byId[$id], $lane);
            $box = Rect::unionOf(array_map(static fn (Cluster $unit): Rect => $unit->box, $row)) ?? $from;
            $top = $end + ($box->y - $last);
            $end = $this->row($row, $box, $from, $to, $room, Length::round($top));
            $last = $box->bottom();
            $lowest = max($lowest, $end);
        }

        return $lowest;
    }

    /**
     * The room at both sides that is kept free, as it was and as it is.
     *
     * @param  array<string, Rect>  $boxes
     * @return array{float, float, float, float} left and right, before and now
     */
    private function room(array $boxes, Rect $from, Rect $to, ?Margins $margins): array
    {
        $inside = array_filter($boxes, static fn (Rect $box): bool => $box->x > $from->x + Length::SAME || $box->right() < $from->right() - Length::SAME);
        $left = max(0.0, min([INF, ...array_map(static fn (Rect $box): float => $box->x - $from->x, array_values($inside))]));
        $right = max(0.0, min([INF, ...array_map(static fn (Rect $box): float => $from->right() - $box->right(), array_values($inside))]));
        [$left, $right] = [is_finite($left) ? $left : 0.0, is_finite($right) ? $right : 0.0];
        $share = min(1.0, $to->w / $from->w);
        $kept = static fn (float $side): float => $side <= self::MOST_GAP ? $side : max(min($side, 2 * self::LEAST_GAP), Length::whole($side * $share));

        return [$left, $right, $margins === null || $margins->left <= 0.0 ? $kept($left) : $margins->left, $margins === null || $margins->right <= 0.0 ? $kept(min($left, $right)) : $margins->right];
    }

    /**
     * @param  non-empty-list<Cluster>  $row  from the left
     * @param  array{float, float, float, float}  $room
     * @return float its lower edge
     */
    private function row(array $row, Rect $box, Rect $from, Rect $to, array $room, float $top): float
    {
        [$wasLeft, $wasRight, $left, $right] = $room;
        $was = $from->w - $wasLeft - $wasRight;
        $is = max(1.0, $to->w - $left - $right);
        $widths = [];
        foreach ($row as $unit) {
            $bleeds = $unit->box->x <= $from->x + Length::SAME && $unit->box->right() >= $from->right() - Length::SAME;
            if ($bleeds) {
                return $this->place($unit, $to->x, $top + $unit->box->y - $box->y, $to->w);
            }
            $widths[] = $unit->box->w >= self::SPANS * $was || $unit->item->pins()->across === Pin::Stretch ? ($unit->box->w >= self::SPANS * $was ? $is : min($is, max(1.0, $unit->box->w + $is - $was))) : min($unit->box->w, $is);
        }
        $gaps = [];
        foreach ($row as $i => $unit) {
            $i > 0 && $gaps[] = max(0.0, $unit->box->x - $row[$i - 1]->box->right());
        }
        $least = min([self::LEAST_GAP, ...$gaps]);
        if (array_sum($widths) + $least * count($gaps) > $is + Length::SAME) {
            return $this->wrapped($row, $widths, $gaps, $to->x + $left, $is, $top);
        }
        $gaps = self::narrowed($gaps, $is - array_sum($widths));
        $spare = max(0.0, $is - array_sum($widths) - array_sum($gaps));
        [$before, $after] = [max(0.0, $row[0]->box->x - $from->x - $wasLeft), max(0.0, $from->right() - $wasRight - $row[count($row) - 1]->box->right())];
        $x = $to->x + $left + ($before + $after > 0.0 ? $this->lead($row[0]->item, $spare, $before, $after) : 0.0);
        $end = $top;
        foreach ($row as $i => $unit) {
            $end = max($end, $this->place($unit, Length::whole($x), $top + $unit->box->y - $box->y, $widths[$i]));
            $x += $widths[$i] + ($gaps[$i] ?? 0.0);
        }

        return $end;
    }

    /** How much of the room that is left lies before a row: as its first thing is pinned, or as it stood. */
    private function lead(Item $first, float $spare, float $before, float $after): float
    {
        return match (true) {
            $first->pins()->across === Pin::End => max(0.0, $spare - $after),
            $first->pins()->across === Pin::Centre || abs($before - $after) < 2.0 => floor($spare / 2),
            $before < $after => min($before, $spare),
            default => max(0.0, $spare - $after),
        };
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

    /**
     * Things that find no room beside each other: as many in a row as there is room for, all alike where they were.
     *
     * @param  non-empty-list<Cluster>  $row
     * @param  non-empty-list<float>  $widths
     * @param  list<float>  $gaps
     */
    private function wrapped(array $row, array $widths, array $gaps, float $x, float $room, float $top): float
    {
        $gap = min([self::MOST_GAP, ...array_filter($gaps, static fn (float $one): bool => $one > 0.0)]);
        if (max($widths) - min($widths) < 1.0) {
            $columns = max(1, min(count($row), (int) floor(($room + $gap) / ($widths[0] + $gap))));
            $widths = array_fill(0, count($row), max(1.0, floor(($room - $gap * ($columns - 1)) / $columns)));
        }
        [$at, $y, $end] = [$x, $top, $top];
        foreach ($row as $i => $unit) {
            if ($at > $x && $at + $widths[$i] > $x + $room + Length::SAME) {
                [$at, $y] = [$x, $end + $gap];
            }
            $end = max($end, $this->place($unit, $at, $y, $widths[$i]));
            $at += $widths[$i] + $gap;
        }

        return $end;
    }

    /**
     * One thing, as wide as it is said, with what lies on it and in it.
     *
     * @return float its lower edge
     */
    private function place(Cluster $unit, float $x, float $y, float $w): float
    {
        [$box, $id] = [$unit->box, $unit->item->id];
        $to = new Rect(Length::round($x), Length::round($y), $w, $box->h);
        $held = $this->held($unit->item);
        if (Length::same($w, $box->w)) {
            $this->move($id, $to);
            $end = $this->contents($unit->on, $box, $to);

            return max($to->bottom(), $unit->on === [] ? 0.0 : $end);
        }
        $things = [...$held, ...$unit->on];
        $now = $this->sized($unit->item, $box, $to);
        if ($things === []) {
            return $now->bottom();
        }
        $was = max(array_map(static fn (Cluster $one): float => $one->box->bottom(), $things));
        $end = $this->contents($things, $box, $now);
        // As far below what lies in it as it was.
        $bottom = max($now->y + 1.0, $end + max(0.0, $box->bottom() - $was));
        if (! Length::same($bottom, $now->bottom()) && ! $unit->item->isFramedByItems()) {
            $this->sized($unit->item, $box, new Rect($now->x, $now->y, $now->w, Length::round($bottom - $now->y)));
        }

        return $bottom;
    }

    /** @return list<Cluster> what lies in a tray that is no rail */
    private function held(Item $item): array
    {
        if (! $item->holdsItems() || $item->isFramedByItems() || $item->rail() !== null || $item->angle !== 0.0) {
            return [];
        }
        $boxes = new Boxes($this->draft->tree, $this->draft->fonts);
        $shown = array_filter($this->draft->tree->children($item->id), static fn (Item $child): bool => ! $child->hidden && ! $boxes->showsNothing($child->id));

        return array_values(array_map(static fn (Item $child): Cluster => new Cluster($child, $boxes->bounds($child->id)), $shown));
    }

    private function move(string $id, Rect $to): void
    {
        $now = (new Boxes($this->draft->tree, $this->draft->fonts))->bounds($id);
        (new Mover($this->draft))->shift($id, Length::round($to->x - $now->x), Length::round($to->y - $now->y));
    }

    /** @return Rect where it lies then: what wraps its words, and what lays out what is in it, is as high as that takes */
    private function sized(Item $item, Rect $was, Rect $to): Rect
    {
        $sizer = new Sizer($this->draft);
        if ($item->rail() !== null && $item->angle === 0.0) {
            $this->rail($item->id, $to->w);
        } elseif ($item->angle !== 0.0 || $item->isFramedByItems() || $item->kind instanceof HasPicture) {
            $sizer->scale($item->id, $was, new Rect($to->x, $to->y, $to->w, Length::round($was->h * $to->w / max(1.0, $was->w))));
        } else {
            $now = $this->draft->item($item->id)->frame;
            $sizer->toBounds($item->id, new Rect($to->x, $to->y, $to->w, $item->isFlat() ? 0.0 : ($to->h === $was->h ? $now->h : $to->h)));
        }
        $this->move($item->id, $to);

        return (new Boxes($this->draft->tree, $this->draft->fonts))->bounds($item->id);
    }

    /** A rail as wide as that; where what lies in its row finds no room, it wraps. */
    private function rail(string $id, float $w): void
    {
        $item = $this->draft->item($id);
        $rules = $item->rail();
        if ($rules === null) {
            return;
        }
        $rules = $rules->sized(Axis::X, Sizing::Fixed);
        $this->draft->put($item->withFields(['rail' => $rules])->inFrame(new Rect($item->frame->x, $item->frame->y, $w, $item->frame->h)));
        $this->wrap($id, $w - $rules->padding->both(Axis::X));
        (new RailFit($this->draft))->fit($id);
    }

    /** Rows that are wider than the room there is wrap, and so do those that lie in it. */
    private function wrap(string $id, float $room): void
    {
        $rules = $this->draft->item($id)->rail();
        if ($rules === null) {
            return;
        }
        $children = array_filter($this->draft->tree->children($id), static fn (Item $child): bool => ! $child->hidden);
        $length = array_sum(array_map(static fn (Item $child): float => $child->rail() !== null ? 0.0 : $child->frame->w, $children)) + max(0.0, $rules->gap) * max(0, count($children) - 1);
        if ($rules->direction === Axis::X && ! $rules->wrap && $length > $room) {
            $this->draft->put($this->draft->item($id)->withFields(['rail' => $rules->wrapping()->sized(Axis::Y, Sizing::Content)]));
        }
        foreach ($children as $child) {
            $inner = $child->rail();
            $inner === null || $this->wrap($child->id, $room - $inner->padding->both(Axis::X));
        }
    }
}
