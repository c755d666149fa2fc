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
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\Sizing;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Margins;

/** Lays out what lies in a box anew where that is wider or narrower: row by row, and what finds no room in its row goes on below it. */
final readonly class Reflow
{
    /** of the room there is, what spans all of it */
    private const SPANS = 0.9;

    private const MOST_GAP = 24.0;

    public function __construct(private Draft $draft)
    {
    }

    /**
     * @param  list<Cluster>  $clusters
     * @param  Rect  $from  the box that they lay in, on the sheet
     * @param  Rect  $to  the box that they are to lie in; its height does not count
     * @param  Margins|null  $margins  at its sides, where they are known
     * @return float px of the sheet: the lower edge of the lowest
     */
    public function contents(array $clusters, Rect $from, Rect $to, ?Margins $margins = null): float
    {
        if ($clusters === []) {
            return $to->y;
        }
        $byId = array_combine(array_map(static fn (Cluster $cluster): string => $cluster->item->id, $clusters), $clusters);
        $boxes = array_map(static fn (Cluster $cluster): Rect => $cluster->box, $byId);
        $room = $this->room($boxes, $from, $to, $margins);
        $end = $lowest = $to->y;
        $last = $from->y;
        foreach (self::rows($byId, $boxes) as $row) {
            $box = Rect::unionOf(array_map(static fn (Cluster $cluster): Rect => $cluster->box, $row)) ?? $from;
            $top = $end + ($box->y - $last);
            $end = $this->row($row, $box, $from, $to, $room, Length::round($top));
            $last = $box->bottom();
            $lowest = max($lowest, $end);
        }

        return $lowest;
    }

    /**
     * What lies beside each other, row by row; what spans several rows lies in the first of them.
     *
     * @param  non-empty-array<string, Cluster>  $byId
     * @param  array<string, Rect>  $boxes
     * @return list<non-empty-list<Cluster>> each from the left
     */
    private static function rows(array $byId, array $boxes): array
    {
        $found = Lanes::find($boxes, Axis::Y, array_flip(array_map(strval(...), array_keys($byId))));
        $rows = array_map(static fn (array $lane): array => array_map(static fn (string $id): Cluster => $byId[$id], $lane), $found->lanes);
        foreach ($found->spanning as $id => $first) {
            $rows[$first][] = $byId[$id];
            usort($rows[$first], static fn (Cluster $a, Cluster $b): int => $a->box->x <=> $b->box->x);
        }

        return $rows;
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
        // As much is free on both sides: what stands at one alone says nothing of the other.
        $free = is_finite($left) ? min($left, $right) : 0.0;
        $share = min(1.0, $to->w / $from->w);
        $kept = static fn (float $side): float => $side <= self::MOST_GAP ? $side : max(min($side, 2 * RowFit::LEAST_GAP), Length::whole($side * $share));

        return [$free, $free, $margins === null || $margins->left <= 0.0 ? $kept($free) : $margins->left, $margins === null || $margins->right <= 0.0 ? $kept($free) : $margins->right];
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
        foreach ($row as $cluster) {
            $bleeds = $cluster->box->x <= $from->x + Length::SAME && $cluster->box->right() >= $from->right() - Length::SAME;
            if ($bleeds) {
                return $this->place($cluster, $to->x, $top + $cluster->box->y - $box->y, $to->w);
            }
            $widths[] = $cluster->box->w >= self::SPANS * $was || $cluster->item->pins()->across === Pin::Stretch ? ($cluster->box->w >= self::SPANS * $was ? $is : min($is, max(1.0, $cluster->box->w + $is - $was))) : min($cluster->box->w, $is);
        }
        $fit = new RowFit($row, $widths, [$from->x + $wasLeft, $from->right() - $wasRight], [$to->x + $left, $to->x + $left + $is]);
        $places = $fit->places();
        if ($places === null) {
            return $this->wrapped($row, $widths, $fit->gaps, $to->x + $left, $is, $top);
        }
        $end = $top;
        foreach ($row as $i => $cluster) {
            $end = max($end, $this->place($cluster, $places[$i], $top + $cluster->box->y - $box->y, $widths[$i]));
        }

        return $end;
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
        foreach ($row as $i => $cluster) {
            if ($at > $x && $at + $widths[$i] > $x + $room + Length::SAME) {
                [$at, $y] = [$x, $end + $gap];
            }
            $end = max($end, $this->place($cluster, $at, $y, $widths[$i]));
            $at += $widths[$i] + $gap;
        }

        return $end;
    }

    /**
     * One thing, as wide as it is said, with what lies on it and in it.
     *
     * @return float its lower edge
     */
    private function place(Cluster $cluster, float $x, float $y, float $w): float
    {
        [$box, $id] = [$cluster->box, $cluster->item->id];
        $to = new Rect(Length::round($x), Length::round($y), $w, $box->h);
        $held = $cluster->held;
        if (Length::same($w, $box->w)) {
            $this->move($id, $to);
            $end = $this->contents($cluster->on, $box, $to);

            return max($to->bottom(), $cluster->on === [] ? 0.0 : $end);
        }
        $things = [...$held, ...$cluster->on];
        if ($held !== [] && $cluster->item->isFramedByItems()) {
            // A group has no frame of its own: it is where what lies in it comes to lie.
            $this->move($id, $to);

            return max($this->contents($held, $box, $to), $cluster->on === [] ? 0.0 : $this->contents($cluster->on, $box, $to));
        }
        $now = $this->sized($cluster->item, $box, $to);
        if ($things === []) {
            return $now->bottom();
        }
        $was = max(array_map(static fn (Cluster $one): float => $one->box->bottom(), $things));
        $end = $this->contents($things, $box, $now);
        // As far below what lies in it as it was.
        $bottom = max($now->y + 1.0, $end + max(0.0, $box->bottom() - $was));
        if (! Length::same($bottom, $now->bottom()) && ! $cluster->item->isFramedByItems()) {
            $this->sized($cluster->item, $box, new Rect($now->x, $now->y, $now->w, Length::round($bottom - $now->y)));
        }

        return $bottom;
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

    /** Rows that are wider than the room there is wrap, things that are wider are narrowed, and so in the rails that lie in it. */
    private function wrap(string $id, float $room): void
    {
        $rules = $this->draft->item($id)->rail();
        if ($rules === null) {
            return;
        }
        $children = array_filter($this->draft->tree->children($id), static fn (Item $child): bool => ! $child->hidden);
        $length = array_sum(array_map(static fn (Item $child): float => (in_array($child->rail()?->width, [null, Sizing::Content], true) ? $child->frame->w : 0.0) + $child->berth()->before, $children)) + max(0.0, $rules->gap) * max(0, count($children) - 1);
        // What runs out of a rail that cuts it off does so on purpose.
        $wraps = $rules->direction === Axis::X && ! $rules->wrap && $length > $room && ($this->draft->item($id)->fields['clip'] ?? false) !== true;
        if ($wraps) {
            $this->draft->put($this->draft->item($id)->withFields(['rail' => $rules->wrapping()->spaced(min($rules->gap, self::MOST_GAP))->sized(Axis::Y, Sizing::Content)]));
        }
        foreach ($children as $child) {
            $berth = $child->berth();
            $isAside = $rules->direction === Axis::Y && $berth->aside + $child->frame->w > $room;
            if ($wraps || $isAside) {
                $berth = new Berth($wraps ? 0.0 : $berth->before, $isAside ? 0.0 : $berth->aside, $berth->share, $berth->over);
                $child = $child->withFields(['berth' => $berth->toArray() === [] ? null : $berth]);
                $this->draft->put($child);
            }
            $inner = $child->rail();
            if ($inner !== null) {
                $this->wrap($child->id, $room - $inner->padding->both(Axis::X));
            } elseif ($child->frame->w > $room && $child->angle === 0.0 && ! $child->isFramedByItems()) {
                $this->draft->put($child->inFrame(new Rect($child->frame->x, $child->frame->y, max(1.0, $room), $child->frame->h))->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts));
            }
        }
    }
}
