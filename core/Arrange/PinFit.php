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
        $space = $this->draft->tree->toSheet($item->parent);
        $now = self::placed($item, $box, $was, $is, $this->draft->sheet()->wholePixels, $space->angle === 0.0);
        if ($now->same($box)) {
            return;
        }
        if (Length::same($now->w, $box->w) && Length::same($now->h, $box->h)) {
            $this->draft->put($item->inFrame(new Rect(Length::round($item->frame->x + $now->x - $box->x), Length::round($item->frame->y + $now->y - $box->y), $item->frame->w, $item->frame->h)));

            return;
        }
        (new Sizer($this->draft))->toBounds($item->id, $now->moved($space->dx, $space->dy)->rounded());
    }

    /**
     * Where something comes to lie in what was as large as one box and is as large as another.
     *
     * @param  Rect  $box  of the item, in the space of what it lies in
     * @param  bool  $whole  whether halves are brought to whole pixels
     */
    public static function placed(Item $item, Rect $box, Rect $was, Rect $is, bool $whole, bool $isUpright = true): Rect
    {
        [$x, $w] = self::along(Axis::X, $item, $box, $was->w, $is->w, $whole, $isUpright);
        [$y, $h] = self::along(Axis::Y, $item, $box, $was->h, $is->h, $whole, $isUpright);

        return new Rect($x, $y, $w, $h);
    }

    /** @return array{float, float} place and size along an axis, px in the space of what it lies in */
    private static function along(Axis $axis, Item $item, Rect $box, float $was, float $is, bool $whole, bool $isUpright): array
    {
        [$lead, $size] = [$axis->lead($box), $axis->size($box)];
        $canStretch = $isUpright && $item->angle === 0.0 && ! ($item->isFlat() && $axis === Axis::Y);
        // From both sizes and not from what lies between them, so that one way and back again is where it was.
        $half = static fn (float $length): float => $whole ? floor($length / 2) : Length::round($length / 2);

        return match ($item->pins()->along($axis)) {
            Pin::Start => [$lead, $size],
            Pin::End => [Length::round($lead + $is - $was), $size],
            Pin::Centre => [Length::round($lead + $half($is) - $half($was)), $size],
            Pin::Stretch => $canStretch ? [$lead, max(1.0, Length::round($size + $is - $was))] : [Length::round($lead + $half($is) - $half($was)), $size],
        };
    }
}
