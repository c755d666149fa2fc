<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Sum;
use AllSquare\Core\Geometry\SumContext;
use AllSquare\Core\Geometry\UnreadableSum;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;

/** Reads the lengths among a command's parameters: numbers in px, or sums. */
final readonly class Figures
{
    /** @param  float|null  $ppi pixels per inch, where it is about to be another than the sheet's */
    public function __construct(private Draft $draft, private ?float $ppi = null)
    {
    }

    /**
     * @param  float|string  $given  px, or a sum
     * @param  string  $field  the parameter, for the error
     * @param  Item|null  $item  whose x, y, w, h and parent a sum may refer to
     * @param  Rect|null  $own  the item's own figures where they are not those of its frame
     * @return float px, to 1/1000
     *
     * @throws Refusal when it cannot be read or lies beyond 1,000,000 px
     */
    public function read(float|string $given, Axis $axis, string $field, ?Item $item = null, ?Rect $own = null): float
    {
        return Length::round($this->exactly($given, $axis, $field, $item, $own));
    }

    /**
     * As read(), to the last digit: for what is kept in another unit than px.
     *
     * @throws Refusal
     */
    public function exactly(float|string $given, Axis $axis, string $field, ?Item $item = null, ?Rect $own = null): float
    {
        try {
            $pixels = is_string($given) ? Sum::pixels($given, $this->context($axis, $item, $own)) : $given;
        } catch (UnreadableSum $error) {
            throw $error->about($field);
        }
        if (! is_finite($pixels) || abs($pixels) > Length::LIMIT) {
            throw Refusal::because(FieldName::first($field).' lies beyond 1,000,000 px.', $field);
        }

        return $pixels;
    }

    /** As read(), for what is kept only up to some length: of a sum the schema cannot see that. */
    public function within(float|string $given, Axis $axis, string $field, float $most): float
    {
        $length = $this->read($given, $axis, $field);
        if (abs($length) > $most) {
            throw Refusal::because(sprintf('%s is %s px at most, and this is %s.', FieldName::first($field), number_format($most), Spoken::withUnit($length)), $field);
        }

        return $length;
    }

    /** As read(), for a size, which is 0 or more. */
    public function size(float|string $given, Axis $axis, string $field, ?Item $item = null, ?Rect $own = null): float
    {
        $size = $this->read($given, $axis, $field, $item, $own);
        if ($size < 0) {
            throw Refusal::because(FieldName::first($field).' cannot be negative, and this is '.Spoken::withUnit($size).'.', $field);
        }

        return $size;
    }

    private function context(Axis $axis, ?Item $item, ?Rect $own): SumContext
    {
        $parent = $item?->parent;
        $around = $parent === null ? $this->draft->sheet()->box() : $this->draft->item($parent)->frame;
        $own ??= $item?->frame;

        return new SumContext($this->ppi ?? $this->draft->sheet()->ppi, $axis->size($around), $own === null ? [] : $own->toArray(), $this->draft->unit);
    }
}
