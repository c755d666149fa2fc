<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

/** A text as it was set. */
final readonly class SetText
{
    /**
     * @param  non-empty-list<TextLine>  $lines
     * @param  float  $width  px that its widest line needs
     * @param  float  $height  px from the top of its first line to the bottom of its last
     */
    public function __construct(public array $lines, public float $width, public float $height)
    {
    }

    /** From the top to the first baseline, in px. */
    public function firstBaseline(): float
    {
        return $this->lines[0]->baseline;
    }

    public function lastBaseline(): float
    {
        return $this->lines[count($this->lines) - 1]->baseline;
    }
}
