<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use JsonSerializable;

/** A colour of sRGB. */
final readonly class Colour implements JsonSerializable
{
    /** @param  string  $hex  #rrggbb in small letters */
    private function __construct(public string $hex)
    {
    }

    /** @param  string  $hex  #rrggbb */
    public static function of(string $hex): self
    {
        return new self(strtolower($hex));
    }

    public function jsonSerialize(): string
    {
        return $this->hex;
    }
}
