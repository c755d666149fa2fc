<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Point;

/** What became of the space of a group while a command worked: what is kept in numbers of that space follows afterwards. */
final readonly class SpaceChange
{
    /**
     * @param  string  $group  id
     * @param  float  $across  factor
     * @param  Point  $about  px of the group's own space, which stays where it is
     * @param  bool  $mirrored  whether left and right, or top and bottom, changed places instead
     */
    private function __construct(public string $group, public float $across, public float $down, public Point $about, public bool $mirrored)
    {
    }

    public static function scaled(string $group, float $across, float $down, Point $about): self
    {
        return new self($group, $across, $down, $about, false);
    }

    public static function mirrored(string $group): self
    {
        return new self($group, 1.0, 1.0, new Point(0.0, 0.0), true);
    }
}
