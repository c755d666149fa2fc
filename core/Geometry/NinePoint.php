<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** The nine points of a box: its corners, the middles of its sides, and its centre. Also the handles by which it is sized. */
enum NinePoint: string
{
    case TopLeft = 'top-left';
    case Top = 'top';
    case TopRight = 'top-right';
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
    case BottomLeft = 'bottom-left';
    case Bottom = 'bottom';
    case BottomRight = 'bottom-right';

    /** The one at that share of the way across and down: 0, 0.5 or 1. */
    public static function at(float $across, float $down): self
    {
        foreach (self::cases() as $point) {
            if ($point->across() === $across && $point->down() === $down) {
                return $point;
            }
        }

        return self::Centre;
    }

    /** How far across the box: 0 at the left, 0.5 at the centre, 1 at the right. */
    public function across(): float
    {
        return match ($this) {
            self::TopLeft, self::Left, self::BottomLeft => 0.0,
            self::Top, self::Centre, self::Bottom => 0.5,
            self::TopRight, self::Right, self::BottomRight => 1.0,
        };
    }

    /** How far down the box: 0 at the top, 0.5 at the middle, 1 at the bottom. */
    public function down(): float
    {
        return match ($this) {
            self::TopLeft, self::Top, self::TopRight => 0.0,
            self::Left, self::Centre, self::Right => 0.5,
            self::BottomLeft, self::Bottom, self::BottomRight => 1.0,
        };
    }

    public function along(Axis $axis): float
    {
        return $axis === Axis::X ? $this->across() : $this->down();
    }
}
