<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\CircleText;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Hit;
use AllSquare\Core\Item\Text\LettersPainter;
use AllSquare\Core\Item\Text\Typesetting;
use AllSquare\Core\Text\FontLibrary;

final class CircleTextPainter extends LettersPainter
{
    /** how far from the circle it is hit, in sizes of its letters */
    private const REACH = 2.0;

    private readonly CircleSetting $setting;

    public function __construct(FontLibrary $fonts)
    {
        parent::__construct($fonts);
        $this->setting = new CircleSetting(new Typesetting($fonts));
    }

    public function pieces(Item $item): array
    {
        return $this->setting->pieces($item);
    }

    protected function area(Item $item): string
    {
        $r = Length::text($item->frame->w / 2);
        $d = Length::text($item->frame->w);

        return "M0 {$r}A$r $r 0 0 1 $d {$r}A$r $r 0 0 1 0 {$r}Z";
    }

    /** Along the circle: what lies in it is hit by itself. */
    protected function hit(Item $item, ?Item $box): Hit
    {
        return new Hit($this->area($item), false, self::REACH * $item->number('size'));
    }
}
