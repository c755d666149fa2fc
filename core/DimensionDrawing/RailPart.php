<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\FollowsItsWords;
use AllSquare\Core\Rail\Member;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Tree;

/** A rail that is measured: the room that it keeps free, with its lengths, and what it is as flexible boxes. */
final readonly class RailPart
{
    /** @param  array<string, Placed>  $placed  of everything visible, by id */
    private function __construct(private Tree $tree, private Item $rail, private MeasuredPart $part, private array $placed)
    {
    }

    /**
     * @param  array<string, Placed>  $placed
     * @return self|null null where the part is no rail, or stands askew
     */
    public static function of(Tree $tree, MeasuredPart $part, array $placed): ?self
    {
        $item = $tree->item($part->id);

        return $item->rail() === null || $part->angle !== 0.0 ? null : new self($tree, $item, $part, $placed);
    }

    /** @return list<Measure> its padding where there is any, and its gaps */
    public function measures(): array
    {
        $measures = [];
        foreach ($this->rooms() as [$kind, $axis, $box, $words]) {
            $across = $axis === Axis::X ? [$box->y, $box->bottom()] : [$box->x, $box->right()];
            $measures[] = new Measure($kind, $axis, $axis->lead($box), $axis->trail($box), $across, [$this->part->number], $words);
        }

        return $measures;
    }

    /** @return list<Rect> px of the sheet: what it keeps free, and what the rails in it do */
    public function free(): array
    {
        $free = array_column($this->rooms(), 2);
        foreach ($this->tree->children($this->rail->id) as $child) {
            $inner = isset($this->placed[$child->id]) ? self::of($this->tree, new MeasuredPart($this->part->number, $child->id, $child->name, $this->placed[$child->id]->box, $this->placed[$child->id]->box, $this->tree->totalAngle($child->id)), $this->placed) : null;
            array_push($free, ...$inner?->free() ?? []);
        }

        return $free;
    }

    /** @return list<array{MeasureKind, Axis, Rect, string}> */
    private function rooms(): array
    {
        $rules = $this->rail->rail();
        if ($rules === null) {
            return [];
        }
        [$box, $pad, $name] = [$this->part->box, $rules->padding, $this->part->name];
        $rooms = [
            [MeasureKind::Margin, Axis::X, new Rect($box->x, $box->y, $pad->left, $box->h), "left padding of $name"],
            [MeasureKind::Margin, Axis::X, new Rect($box->right() - $pad->right, $box->y, $pad->right, $box->h), "right padding of $name"],
            [MeasureKind::Margin, Axis::Y, new Rect($box->x + $pad->left, $box->y, max(0.0, $box->w - $pad->both(Axis::X)), $pad->top), "top padding of $name"],
            [MeasureKind::Margin, Axis::Y, new Rect($box->x + $pad->left, $box->bottom() - $pad->bottom, max(0.0, $box->w - $pad->both(Axis::X)), $pad->bottom), "bottom padding of $name"],
        ];
        $last = null;
        $axis = $rules->direction;
        foreach ($this->tree->children($this->rail->id) as $child) {
            $is = $this->placed[$child->id]->box ?? null;
            if ($is !== null && $last !== null && $axis->lead($is) > $axis->trail($last[1])) {
                [$from, $size] = [$axis->trail($last[1]), $axis->lead($is) - $axis->trail($last[1])];
                [$side, $thick] = [min($axis->across()->lead($last[1]), $axis->across()->lead($is)), max($axis->across()->trail($last[1]), $axis->across()->trail($is))];
                $rooms[] = [MeasureKind::Gap, $axis, $axis === Axis::X ? new Rect($from, $side, $size, $thick - $side) : new Rect($side, $from, $thick - $side, $size), "{$last[0]} to $child->name in $name"];
            }
            $last = $is === null ? $last : [$child->name, $is];
        }

        return array_values(array_filter($rooms, static fn (array $room): bool => $room[1]->size($room[2]) > 0.0));
    }

    /** @return Member the rail with what lies in it, as it is laid out */
    public function member(?Item $item = null): Member
    {
        $item ??= $this->rail;
        $rules = $item->angle === 0.0 || $item === $this->rail ? $item->rail() : null;
        $inside = $rules === null ? [] : array_values(array_filter($this->tree->children($item->id), fn (Item $child): bool => isset($this->placed[$child->id])));
        $grows = $item->kind instanceof FollowsItsWords && $item->angle === 0.0 && ($item->fields['grow'] ?? 'none') !== 'none';
        $box = $item->angle === 0.0 ? $item->frame : $this->placed[$item->id]->box;

        return new Member($item->id, $box->w, $box->h, $rules, array_map($this->member(...), $inside), $item->berth(), $grows ? static fn (float $w): float => $box->h : null, $item->angle !== 0.0 || $item->isFramedByItems() || $item->isFlat());
    }
}
