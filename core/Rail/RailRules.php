<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

use AllSquare\Core\Geometry\Axis;

/** How a rail lays out what lies in it (RULES 13): the values of CSS Flexible Box Layout Level 1, by words of the trade. */
final readonly class RailRules
{
    /**
     * @param  Axis  $direction  X for a row, Y for a column
     * @param  float  $gap  px between things, and between lines; below 0 they lie over one another
     * @param  Padding  $padding  px between the edges and what lies in it
     * @param  bool  $wrap  whether what finds no room goes on in another line
     */
    public function __construct(
        public Axis $direction = Axis::X,
        public float $gap = 0.0,
        public Padding $padding = new Padding,
        public Across $across = Across::Start,
        public Along $along = Along::Start,
        public bool $wrap = false,
        public Sizing $width = Sizing::Content,
        public Sizing $height = Sizing::Content,
    ) {
    }

    public function sizing(Axis $axis): Sizing
    {
        return $axis === Axis::X ? $this->width : $this->height;
    }

    public function sized(Axis $axis, Sizing $sizing): self
    {
        return new self($this->direction, $this->gap, $this->padding, $this->across, $this->along, $this->wrap, $axis === Axis::X ? $sizing : $this->width, $axis === Axis::Y ? $sizing : $this->height);
    }
}
