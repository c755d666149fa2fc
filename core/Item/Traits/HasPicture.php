<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;

/** A kind that shows a picture in its frame. */
interface HasPicture
{
    /**
     * Which one.
     *
     * @param  array<string, mixed>  $fields
     * @return string|null its key; null where the frame is empty
     */
    public function picture(array $fields): ?string;

    /** @return Rect|null where the whole picture lies, px from the frame's top left; null where the frame is empty */
    public function placed(Item $item): ?Rect;

    /** @return float px of the sheet to each px of the picture, the larger of both directions; 0 where the frame is empty */
    public function magnification(Item $item): float;

    /**
     * In its frame in another way, the picture staying where it is when it comes to lie by hand.
     *
     * @param  float|null  $scale  px of the sheet to each px of the picture, by hand
     * @param  Point|null  $focus  shares of the picture's sides
     */
    public function fittedBy(Item $item, string $fit, ?float $scale = null, ?Point $focus = null): Item;

    /** With another picture, of which as much is seen. */
    public function showing(Item $item, string $picture): Item;
}
