<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Item\By;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\UnknownItem;

/** How far two boxes lie from each other, in px (RULES 6). */
final readonly class Distance
{
    private function __construct(
        /** 0 where they share some extent */
        public float $across,
        /** likewise */
        public float $down,
        /** straight, between the points of both that lie nearest */
        public float $nearest,
        /** straight, from centre to centre */
        public float $centres,
    ) {
    }

    /**
     * From an item to another, or to an edge of the sheet.
     *
     * @param  string  $to  id of the other, or the side of the sheet
     *
     * @throws UnknownItem
     */
    public static function of(Draft $draft, string $from, string $to, By $by): self
    {
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $box = $boxes->box($draft->item($from)->id, $by);
        $side = Side::tryFrom($to);

        return $side === null ? self::between($box, $boxes->box($draft->item($to)->id, $by)) : self::toEdge($box, $draft->sheet()->box(), $side);
    }

    public static function between(Rect $a, Rect $b): self
    {
        $across = Length::round(max(0.0, $b->x - $a->right(), $a->x - $b->right()));
        $down = Length::round(max(0.0, $b->y - $a->bottom(), $a->y - $b->bottom()));
        $centres = $b->centre()->minus($a->centre());

        return new self($across, $down, Length::round(hypot($across, $down)), Length::round(hypot($centres->x, $centres->y)));
    }

    /** From the side of a box that faces it to an edge of the sheet; across or down only. */
    public static function toEdge(Rect $box, Rect $sheet, Side $side): self
    {
        $far = Length::round(abs($side->outside($box, $side->of($sheet))));
        $half = $side->axis()->size($box) / 2;
        $isAcross = $side->axis()->value === 'x';

        return new self($isAcross ? $far : 0.0, $isAcross ? 0.0 : $far, $far, Length::round(abs($side->outside($box, $side->of($sheet)) + $half)));
    }

    /** @return array{across: float, down: float, nearest: float, centres: float} */
    public function toArray(): array
    {
        return ['across' => $this->across, 'down' => $this->down, 'nearest' => $this->nearest, 'centres' => $this->centres];
    }
}
