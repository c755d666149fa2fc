<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

use AllSquare\Core\Geometry\Axis;
use JsonSerializable;

/** How a rail lays out what lies in it (RULES 13): the values of CSS Flexible Box Layout Level 1, by words of the trade. */
final readonly class RailRules implements JsonSerializable
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

    /** @param  array<mixed>  $stored  as toArray() gave it; what is missing or cannot be read is as it is at first */
    public static function read(array $stored): self
    {
        $word = static fn (string $name): string => is_string($stored[$name] ?? null) ? $stored[$name] : '';

        return new self(
            $word('direction') === 'column' ? Axis::Y : Axis::X,
            is_numeric($stored['gap'] ?? null) ? (float) $stored['gap'] : 0.0,
            Padding::read(is_array($stored['padding'] ?? null) ? $stored['padding'] : []),
            Across::tryFrom($word('across')) ?? Across::Start,
            Along::tryFrom($word('along')) ?? Along::Start,
            ($stored['wrap'] ?? null) === true,
            Sizing::tryFrom($word('width')) ?? Sizing::Content,
            Sizing::tryFrom($word('height')) ?? Sizing::Content,
        );
    }

    /** @return array<string, mixed> as it is stored and sent */
    public function toArray(): array
    {
        return [
            'direction' => $this->direction === Axis::X ? 'row' : 'column', 'gap' => $this->gap, 'padding' => $this->padding->toArray(), 'across' => $this->across->value,
            'along' => $this->along->value, 'wrap' => $this->wrap, 'width' => $this->width->value, 'height' => $this->height->value,
        ];
    }

    public function sizing(Axis $axis): Sizing
    {
        return $axis === Axis::X ? $this->width : $this->height;
    }

    public function sized(Axis $axis, Sizing $sizing): self
    {
        return new self($this->direction, $this->gap, $this->padding, $this->across, $this->along, $this->wrap, $axis === Axis::X ? $sizing : $this->width, $axis === Axis::Y ? $sizing : $this->height);
    }

    /** @param  float  $gap  px */
    public function spaced(float $gap): self
    {
        return new self($this->direction, $gap, $this->padding, $this->across, $this->along, $this->wrap, $this->width, $this->height);
    }

    /** With what finds no room going on in another line. */
    public function wrapping(): self
    {
        return new self($this->direction, $this->gap, $this->padding, $this->across, $this->along, true, $this->width, $this->height);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }
}
