<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** One of the four sides of a box. */
enum Side: string
{
    case Left = 'left';
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';

    public function axis(): Axis
    {
        return $this === self::Left || $this === self::Right ? Axis::X : Axis::Y;
    }

    /** Whether it is the side where the axis begins: left or top. */
    public function isLeading(): bool
    {
        return $this === self::Left || $this === self::Top;
    }

    /** Where the side of a box lies along its axis, px. */
    public function of(Rect $box): float
    {
        return $this->isLeading() ? $this->axis()->lead($box) : $this->axis()->trail($box);
    }

    /** How far a line lies outside this side of a box, px; negative when it cuts the box. */
    public function outside(Rect $box, float $line): float
    {
        return $this->isLeading() ? $this->of($box) - $line : $line - $this->of($box);
    }

    /** The box with this side alone brought further along its axis, in px; its size is less than nothing where that is past the other. */
    public function shifted(Rect $box, float $by): Rect
    {
        [$left, $top, $right, $bottom] = array_map(fn (self $side): float => $side->of($box) + ($side === $this ? $by : 0.0), [self::Left, self::Top, self::Right, self::Bottom]);

        return Rect::between($left, $top, $right, $bottom);
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Top => self::Bottom,
            self::Bottom => self::Top,
        };
    }
}
