<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\FollowsItsWords;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Rail\Flow;
use AllSquare\Core\Rail\Member;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use Closure;

/** Lays out a rail with those that lie in it, as their rules say (RULES 13). What is hidden takes no place. */
final readonly class RailFit
{
    /** in a rail */
    public const MOST = 2_000;

    /** px that the box round what is turned is known to */
    private const CLOSE = 0.0015;

    private Boxes $boxes;

    public function __construct(private Draft $draft)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
    }

    /** @throws Refusal when there is too much in it, or it would reach too far */
    public function fit(string $id): void
    {
        $root = $this->draft->item($id);
        $rules = $root->rail();
        if ($rules === null) {
            return;
        }
        $placed = Flow::of($this->member($root, $rules));
        $size = $placed[$id]->rounded();
        if (! $size->same(new Rect(0.0, 0.0, $root->frame->w, $root->frame->h))) {
            $this->draft->put($root->sized($size->w, $size->h, NinePoint::TopLeft));
        }
        $this->place($id, $placed);
    }

    private function member(Item $item, ?RailRules $rules): Member
    {
        $inside = [];
        foreach ($rules === null ? [] : $this->draft->tree->children($item->id) as $child) {
            if (! $child->hidden && ! $this->boxes->showsNothing($child->id)) {
                $inside[] = $this->member($child, $child->angle === 0.0 ? $child->rail() : null);
            }
        }
        if (count($inside) > self::MOST) {
            throw Refusal::because(sprintf('A rail holds %s things at most.', number_format(self::MOST)), 'items');
        }
        $box = $this->boxes->boundsIn($item, Matrix::identity());

        return new Member($item->id, $box->w, $box->h, $rules, $inside, $item->berth(), $this->heights($item), $item->angle !== 0.0 || $item->isFramedByItems() || $item->isFlat());
    }

    /** How high something is at a width, where its words wrap. */
    private function heights(Item $item): ?Closure
    {
        if (! $item->kind instanceof FollowsItsWords || $item->angle !== 0.0 || ($item->fields['grow'] ?? 'none') === 'none') {
            return null;
        }

        return fn (float $w): float => $this->widened($item, $w)->frame->h;
    }

    private function widened(Item $item, float $w): Item
    {
        if (Length::same($w, $item->frame->w) || ! $item->kind instanceof FollowsItsWords) {
            return $item;
        }
        $is = $item->inFrame(new Rect($item->frame->x, $item->frame->y, $w, $item->frame->h));

        return $item->kind->sized($item, $is, false, $this->draft->fonts)->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts);
    }

    /** @param  array<string, Rect>  $placed */
    private function place(string $rail, array $placed): void
    {
        foreach ($this->draft->tree->children($rail) as $child) {
            if (! isset($placed[$child->id])) {
                continue;
            }
            $now = $this->boxes->boundsIn($child, Matrix::identity());
            $box = $this->kept($child, $placed[$child->id], $now);
            $is = $child;
            if ($child->angle === 0.0 && ! $child->isFramedByItems() && (! Length::same($box->w, $now->w) || ! Length::same($box->h, $now->h))) {
                $is = $child->kind instanceof FollowsItsWords && ($child->fields['grow'] ?? 'none') !== 'none'
                    ? $this->widened($child, $box->w)
                    : $child->inFrame(new Rect($child->frame->x, $child->frame->y, $box->w, $child->isFlat() ? 0.0 : $box->h))->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts);
                $now = $is->frame;
            }
            if (! Length::same($box->x, $now->x) || ! Length::same($box->y, $now->y)) {
                $is = $is->inFrame(new Rect(Length::round($is->frame->x + $box->x - $now->x), Length::round($is->frame->y + $box->y - $now->y), $is->frame->w, $is->frame->h));
            }
            if ($is !== $child) {
                $this->draft->put($is);
            }
            $child->angle === 0.0 && $child->rail() !== null && $this->place($child->id, $placed);
        }
    }

    /**
     * Where it lies, if it lies there but for what places are rounded by. Else on whole pixels where the sheet has them, but for what is turned: of what fills the room that there is, both edges are rounded, so
     * that rounding does not add up.
     *
     * @param  Rect  $now  as it lies in the rail, in whose space the place is
     */
    private function kept(Item $item, Rect $box, Rect $now): Rect
    {
        $space = $this->draft->tree->toSheet($item->parent);
        $whole = $this->draft->sheet()->wholePixels && Angle::isQuarter($item->angle) && $space->angle === 0.0;
        $edge = static fn (float $at, float $from, ?float $was = null): float => $was !== null && abs($at - $was) < self::CLOSE ? $was : ($whole ? Length::round(Length::whole($at + $from) - $from) : Length::round($at));
        $size = static fn (float $is, float $was, float $lead, float $from): float => Length::same($is, $was) ? $was : Length::round($edge($lead + $is, $from) - $edge($lead, $from));

        return new Rect($edge($box->x, $space->dx, $now->x), $edge($box->y, $space->dy, $now->y), $size($box->w, $now->w, $box->x, $space->dx), $size($box->h, $now->h, $box->y, $space->dy));
    }
}
