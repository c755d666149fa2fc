<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use JsonSerializable;

/** What a shape is filled with (RULES 16): a colour, a gradient or a pattern. */
interface Fill extends JsonSerializable
{
    /** How it is painted in a frame of this size, px. */
    public function paint(float $w, float $h): Paint;

    /** Whether nothing is seen of it at all. */
    public function isClear(): bool;

    /** What becomes of it when the looks of an item are scaled along with its frame. */
    public function scaled(float $factor): self;

    /** As a line of the history says it. */
    public function said(): string;

    /** @return string|array<string, mixed> as it is stored */
    public function stored(): string|array;
}
