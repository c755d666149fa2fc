<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;

/** A named part of a sheet that is cut out and handed over. */
final readonly class Slice
{
    /** @param  Rect  $box  px of the sheet; more than 0 wide and high */
    public function __construct(
        public string $id,
        public int $rank,
        public string $name,
        public Rect $box,
        public Cut $cut = new Cut,
    ) {
    }

    /** In another box. A slice that is put somewhere by hand does not follow its item any more. */
    public function placed(Rect $box): self
    {
        return new self($this->id, $this->rank, $this->name, self::checked($box), $this->cut->with(['follows' => $this->cut->follows && $box->same($this->box)]));
    }

    /** The box out to whole pixels: what holds all of it. */
    public static function outward(Rect $box): Rect
    {
        return Rect::between(
            floor($box->x + Length::SAME),
            floor($box->y + Length::SAME),
            ceil($box->right() - Length::SAME),
            ceil($box->bottom() - Length::SAME),
        );
    }

    /**
     * As it is stored: to 1/1000 px.
     *
     * @throws Refusal for a slice with nothing in it
     */
    public static function checked(Rect $box): Rect
    {
        $box = $box->settled();
        foreach (['w' => $box->w, 'h' => $box->h] as $side => $length) {
            if ($length < Length::SAME) {
                throw Refusal::because("A slice is wider and higher than 0; here $side is ".Spoken::length($length).'.', $side);
            }
        }

        return $box;
    }

    /** As it is said in a line of the history: its size, and where. */
    public function words(): string
    {
        return sprintf('"%s": %s × %s at %s, %s', $this->name, ...array_map(Spoken::length(...), [$this->box->w, $this->box->h, $this->box->x, $this->box->y]));
    }
}
