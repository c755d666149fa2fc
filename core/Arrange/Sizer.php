<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\SpaceChange;

/**
 * Sizes items: leaves take the new frame, groups scale what is in them. A factor of a side that is 0 is 1.
 *
 * A turned leaf keeps its angle and is scaled along its own axes, by the length that each of them gets;
 * a line is scaled exactly, its angle with it, since it is nothing but its two ends.
 */
final readonly class Sizer
{
    private Boxes $boxes;

    private GroupFit $groups;

    public function __construct(private Draft $draft)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
        $this->groups = new GroupFit($draft);
    }

    /** The bounds of an item that stands upright become this box of the sheet. */
    public function toBounds(string $id, Rect $target): void
    {
        $item = $this->draft->item($id);
        $this->toBoundsIn($item, $target, $this->draft->tree->toSheet($item->parent));
    }

    /** Everything in one box of the sheet is brought into another, mutual places kept. */
    public function scale(string $id, Rect $from, Rect $to): void
    {
        $item = $this->draft->item($id);
        $this->map($item, $from, $to, $this->draft->tree->toSheet($item->parent));
    }

    /** The item's own frame, turned or not, gets this size; one of its nine points stays where it stands on the sheet. */
    public function frame(string $id, float $w, float $h, NinePoint $held): void
    {
        $item = $this->draft->item($id);
        if (! $item->isFramedByItems()) {
            $this->putLeaf($item, $item->sized($w, $item->isFlat() ? 0.0 : $h, $held));

            return;
        }
        $out = new Point($held->across(), $held->down());
        $corner = new Point($item->origin->x, $item->origin->y);
        $fixed = $item->toParent()->apply($corner->plus($out->times($item->frame->w, $item->frame->h)));
        $this->scaleInside($item, self::factor($w, $item->frame->w), self::factor($h, $item->frame->h));
        $this->groups->fit($id);
        $item = $this->draft->item($id);
        $now = $item->toParent()->apply($item->origin->plus($out->times($item->frame->w, $item->frame->h)));
        $this->draft->put($item->inFrame(self::place($item->frame, $fixed->minus($now))));
    }

    private function toBoundsIn(Item $item, Rect $target, Matrix $toSpace, bool $exact = false): void
    {
        $sideways = Angle::isSideways($toSpace->angle + $item->angle);
        if ($item->isFramedByItems()) {
            $bounds = $this->boxes->boundsIn($item, $toSpace);
            [$across, $down] = [self::factor($target->w, $bounds->w), self::factor($target->h, $bounds->h)];
            $this->scaleInside($item, $sideways ? $down : $across, $sideways ? $across : $down);
            $this->groups->fit($item->id);
            $item = $this->draft->item($item->id);
            $bounds = $this->boxes->boundsIn($item, $toSpace);
            $by = $toSpace->inverse()->applyToDistance(new Point($target->x - $bounds->x, $target->y - $bounds->y));
            $this->draft->put($item->inFrame(self::place($item->frame, $by)));

            return;
        }
        $w = $sideways ? $target->h : $target->w;
        $h = $item->isFlat() ? 0.0 : ($sideways ? $target->w : $target->h);
        $this->putLeaf($item, $item->inFrame($this->frameAbout($toSpace->inverse()->apply($target->centre()), $w, $h)), $exact);
    }

    private function map(Item $item, Rect $from, Rect $to, Matrix $toSpace): void
    {
        [$across, $down] = [self::factor($to->w, $from->w), self::factor($to->h, $from->h)];
        $angle = $toSpace->angle + $item->angle;
        $move = static fn (Point $p): Point => new Point($to->x + ($p->x - $from->x) * $across, $to->y + ($p->y - $from->y) * $down);
        if (Angle::isQuarter($angle)) {
            $bounds = $this->boxes->boundsIn($item, $toSpace);
            $start = $move(new Point($bounds->x, $bounds->y));
            $end = $move(new Point($bounds->right(), $bounds->bottom()));
            $this->toBoundsIn($item, Rect::between($start->x, $start->y, $end->x, $end->y)->rounded(), $toSpace, exact: true);
            $this->scaleHeld($item, Angle::isSideways($angle) ? $down : $across, Angle::isSideways($angle) ? $across : $down);

            return;
        }
        $ownAcross = hypot($across * cos(deg2rad($angle)), $down * sin(deg2rad($angle)));
        $ownDown = hypot($across * sin(deg2rad($angle)), $down * cos(deg2rad($angle)));
        $centre = $toSpace->inverse()->apply($move($toSpace->apply($item->frame->centre())));
        if ($item->isFramedByItems()) {
            $before = $item->frame->centre();
            $this->scaleInside($item, $ownAcross, $ownDown, about: new Point($item->origin->x + $item->frame->w / 2, $item->origin->y + $item->frame->h / 2));
            $item = $this->draft->item($item->id);
            $this->draft->put($item->inFrame(self::place($item->frame, $centre->minus($before))));
            $this->groups->fit($item->id);

            return;
        }
        if ($item->isFlat()) {
            $turned = rad2deg(atan2($down * sin(deg2rad($angle)), $across * cos(deg2rad($angle))));
            $item = $item->turnedTo($turned - $toSpace->angle);
        }
        $this->putLeaf($item, $item->inFrame($this->frameAbout(
            $centre,
            Length::round($item->frame->w * $ownAcross),
            Length::round($item->frame->h * $ownDown),
        )), exact: true);
        $this->scaleHeld($item, $ownAcross, $ownDown);
    }

    /**
     * Scales what is in a group in the group's own space, about its frame's corner or another point of that space.
     * Nothing fits the frame of a group that shows nothing, so that is scaled along.
     */
    private function scaleInside(Item $group, float $across, float $down, ?Point $about = null): void
    {
        $about ??= $group->origin;
        $from = new Rect($about->x, $about->y, 1.0, 1.0);
        $to = new Rect($about->x, $about->y, $across, $down);
        foreach ($this->draft->tree->children($group->id) as $child) {
            $this->map($child, $from, $to, Matrix::identity());
        }
        if ($group->keepsNumbers()) {
            $this->draft->note(SpaceChange::scaled($group->id, $across, $down, $about));
        }
        if ($group->isFramedByItems() && $this->boxes->showsNothing($group->id)) {
            $scaled = new Rect(
                $about->x + ($group->origin->x - $about->x) * $across,
                $about->y + ($group->origin->y - $about->y) * $down,
                $group->frame->w * $across,
                $group->frame->h * $down,
            );
            $this->draft->put(GroupFit::reframed($this->draft->item($group->id), $scaled->rounded()));
        }
    }

    /** What has a frame of its own and is scaled as a part of a whole takes along what lies in it. */
    private function scaleHeld(Item $item, float $across, float $down): void
    {
        if ($item->holdsItems() && ! $item->isFramedByItems()) {
            $this->scaleInside($item, $across, $down);
        }
    }

    /**
     * What follows its words no longer grows the way in which its frame is sized by hand; points are scaled along.
     *
     * @param  bool  $exact  whether the frame is part of a larger whole that was sized, and has to be just this
     */
    private function putLeaf(Item $was, Item $is, bool $exact = false): void
    {
        if ($is->kind instanceof FitsItsFrame) {
            $is = $is->kind->sized($was, $is, $exact, $this->draft->fonts)->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts);
        }
        $this->draft->put($is);
    }

    private function frameAbout(Point $centre, float $w, float $h): Rect
    {
        return new Rect(Length::round($centre->x - $w / 2), Length::round($centre->y - $h / 2), Length::round($w), Length::round($h));
    }

    private static function place(Rect $frame, Point $by): Rect
    {
        return new Rect(Length::round($frame->x + $by->x), Length::round($frame->y + $by->y), $frame->w, $frame->h);
    }

    private static function factor(float $to, float $from): float
    {
        return $from < Length::SAME ? 1.0 : $to / $from;
    }
}
