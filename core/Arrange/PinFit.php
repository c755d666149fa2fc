<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Pin;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Draft;

/** Brings what lies in a tray, or on the sheet, along when that is sized: by what of it is pinned (RULES 13). */
final readonly class PinFit
{
    private Boxes $boxes;

    public function __construct(private Draft $draft)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
    }

    /**
     * @param  Rect  $was  the frame it had
     * @param  Rect  $is  the frame it has; what lies in it is measured from its top left
     */
    public function follow(Item $item, Rect $was, Rect $is): void
    {
        $box = $this->boxes->boundsIn($item, Matrix::identity());
        [$x, $w] = $this->along(Axis::X, $item, $box, $was->w, $is->w);
        [$y, $h] = $this->along(Axis::Y, $item, $box, $was->h, $is->h);
        $now = new Rect($x, $y, $w, $h);
        if ($now->same($box)) {
            return;
        }
        if (Length::same($w, $box->w) && Length::same($h, $box->h)) {
            $this->draft->put($item->inFrame(new Rect(Length::round($item->frame->x + $x - $box->x), Length::round($item->frame->y + $y - $box->y), $item->frame->w, $item->frame->h)));

            return;
        }
        $space = $this->draft->tree->toSheet($item->parent);
        (new Sizer($this->draft))->toBounds($item->id, $space->angle === 0.0 ? new Rect(Length::round($space->dx + $x), Length::round($space->dy + $y), $w, $h) : $now);
    }

    /** @return array{float, float} place and size along an axis, px in the space of what it lies in */
    private function along(Axis $axis, Item $item, Rect $box, float $was, float $is): array
    {
        [$lead, $size] = [$axis->lead($box), $axis->size($box)];
        $canStretch = $item->angle === 0.0 && ! ($item->isFlat() && $axis === Axis::Y) && $this->draft->tree->toSheet($item->parent)->angle === 0.0;
        // From both sizes and not from what lies between them, so that one way and back again is where it was.
        $half = fn (float $length): float => $this->draft->sheet()->wholePixels ? floor($length / 2) : Length::round($length / 2);

        return match ($item->pins()->along($axis)) {
            Pin::Start => [$lead, $size],
            Pin::End => [Length::round($lead + $is - $was), $size],
            Pin::Centre => [Length::round($lead + $half($is) - $half($was)), $size],
            Pin::Stretch => $canStretch ? [$lead, max(1.0, Length::round($size + $is - $was))] : [Length::round($lead + $half($is) - $half($was)), $size],
        };
    }
}
