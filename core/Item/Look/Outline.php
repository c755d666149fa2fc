<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use JsonSerializable;

/** A line drawn along the edge of a shape, astride of it. */
final readonly class Outline implements JsonSerializable
{
    /** @param  float  $weight  px, 0 or more; one of 0 is not painted */
    public function __construct(public Colour $colour, public float $weight)
    {
    }

    /** @return array{colour: Colour, weight: float} */
    public function jsonSerialize(): array
    {
        return ['colour' => $this->colour, 'weight' => $this->weight];
    }
}
