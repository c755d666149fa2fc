<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Moves items by distances and to places of the sheet, whatever groups they lie in. */
final readonly class Mover
{
    /** Turned items are stored to 1/1000 px on axes that are not the sheet's: closer than this they cannot be put. */
    private const CLOSE = 0.0015;

    public Boxes $boxes;

    public function __construct(private Draft $draft, public By $by = By::Frame)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
    }

    public function box(string $id): Rect
    {
        return $this->boxes->box($id, $this->by);
    }

    /**
     * @param  list<string>  $ids
     * @return ($ids is non-empty-list ? non-empty-array<string, Rect> : array<string, Rect>) by id
     */
    public function boxesOf(array $ids): array
    {
        $boxes = [];
        foreach ($ids as $id) {
            $boxes[$id] = $this->box($id);
        }

        return $boxes;
    }

    /** By a distance of the sheet, in px, as it is given. */
    public function shift(string $id, float $dx, float $dy): void
    {
        $item = $this->draft->item($id);
        $toSheet = $this->draft->tree->toSheet($item->parent);
        $close = $toSheet->angle === 0.0 && $this->boxes->standsUpright($id) ? Length::SAME : self::CLOSE;
        // Half of 1/1000 px to either side is the place where it stands, whichever of both it would be rounded to.
        if (abs($dx) < $close + 1e-6 && abs($dy) < $close + 1e-6) {
            return;
        }
        $distance = $toSheet->inverse()->applyToDistance(new Point($dx, $dy));
        $this->draft->put($item->inFrame(new Rect(
            self::within($item->frame->x + $distance->x),
            self::within($item->frame->y + $distance->y),
            $item->frame->w,
            $item->frame->h,
        )));
    }

    /** Whether it stands on the sheet otherwise than upright, by itself or with the group it lies in. */
    public function isTurned(string $id): bool
    {
        return $this->draft->tree->totalAngle($id) !== 0.0;
    }

    /** By a distance along one axis of the sheet, in px. */
    public function shiftAlong(string $id, Axis $axis, float $by): void
    {
        $axis === Axis::X ? $this->shift($id, $by, 0.0) : $this->shift($id, 0.0, $by);
    }

    /** To the origin of its parent's space, so that where it is put next does not depend, by 1/1000 px, on where it was. */
    public function home(string $id): void
    {
        $item = $this->draft->item($id);
        $inside = $item->isFramedByItems() ? $this->boxes->inside($id)?->rounded() : null;
        $this->draft->put($inside === null
            ? $item->inFrame(new Rect(0.0, 0.0, $item->frame->w, $item->frame->h))
            : $item->with(['frame' => new Rect(0.0, 0.0, $inside->w, $inside->h), 'origin' => new Point($inside->x, $inside->y)]));
    }

    /** Puts the leading edge of its box at a place of the sheet: on a whole pixel where that is asked of it. */
    public function lead(string $id, Axis $axis, float $place): void
    {
        $now = $axis->lead($this->box($id));
        if ($this->isThereAlready($id, $axis, $now, $place)) {
            return;
        }
        $by = $this->landing($id, $axis, $place) - $now;
        $this->shiftAlong($id, $axis, $by);
    }

    /**
     * A box that is known to 1/1000 px only may round to either side of the half: where it stands whole, it stays. So does what is turned
     * and may lie off the pixel, where it stands as near as it can be put.
     */
    private function isThereAlready(string $id, Axis $axis, float $now, float $place): bool
    {
        if ($this->isExempt($id)) {
            return $this->draft->item($id)->angle !== 0.0 && abs($now - $place) < self::CLOSE;
        }
        $lead = $now + $this->beside($id, $axis);

        return abs($lead - Length::whole($lead)) < self::CLOSE
            && abs($now - $place) < 0.5 + self::CLOSE
            && ($this->boxes->isInexact($id) || $this->draft->item($id)->angle !== 0.0);
    }

    /** Where that leading edge would come to lie: whole pixels are those of the bounds (RULES 2), whatever box is gone by. */
    public function landing(string $id, Axis $axis, float $place): float
    {
        if ($this->isExempt($id)) {
            return Length::round(round($place, 7));
        }
        $beside = $this->beside($id, $axis);

        return Length::whole($place + $beside) - $beside;
    }

    /** From the leading edge of the box that is gone by to that of the bounds, px; it stays so when the item is moved. */
    private function beside(string $id, Axis $axis): float
    {
        return $this->by === By::Upright ? $axis->lead($this->boxes->bounds($id)) - $axis->lead($this->boxes->upright($id)) : 0.0;
    }

    /** Whether the item may lie off the pixel: no whole pixels on this sheet, turned, or placed by its ink. */
    public function isExempt(string $id): bool
    {
        return ! $this->draft->sheet()->wholePixels || $this->by === By::Ink || ! $this->boxes->standsUpright($id);
    }

    private static function within(float $place): float
    {
        $rounded = Length::round($place);
        if (abs($rounded) > Length::LIMIT) {
            throw Refusal::because('That would lie beyond 1,000,000 px.');
        }

        return $rounded;
    }
}
