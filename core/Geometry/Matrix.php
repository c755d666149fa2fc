<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/**
 * A move, a turn and, if flipped, a mirror of the plane: p -> turn(mirror(p)) + shift. Spaces of groups are only ever moved
 * and turned, and what is painted is mirrored besides, but nothing is scaled: the inverse is exact and lengths stay lengths.
 * Nearly everything stands upright: then it is a sum.
 */
final readonly class Matrix
{
    /**
     * @param  float  $angle  degrees clockwise, not brought into any range
     * @param  bool  $flipped  whether x is -x before it is turned
     */
    private function __construct(public float $angle, public float $dx, public float $dy, public bool $flipped = false)
    {
    }

    public static function identity(): self
    {
        return new self(0.0, 0.0, 0.0);
    }

    public static function shift(float $dx, float $dy): self
    {
        return new self(0.0, $dx, $dy);
    }

    /** About the origin, in degrees clockwise. */
    public static function turn(float $degrees): self
    {
        return new self($degrees, 0.0, 0.0);
    }

    /** Left and right change places about the origin. */
    public static function mirror(): self
    {
        return new self(0.0, 0.0, 0.0, true);
    }

    public static function turnAbout(Point $centre, float $degrees): self
    {
        if ($degrees === 0.0) {
            return self::identity();
        }
        $turned = $centre->turned($degrees);

        return new self($degrees, $centre->x - $turned->x, $centre->y - $turned->y);
    }

    /** The same without its shift. */
    public function unmoved(): self
    {
        return new self($this->angle, 0.0, 0.0, $this->flipped);
    }

    /** First $inner, then this. */
    public function after(self $inner): self
    {
        if ($this->angle === 0.0 && ! $this->flipped) {
            return new self($inner->angle, $inner->dx + $this->dx, $inner->dy + $this->dy, $inner->flipped);
        }
        $shift = $this->apply(new Point($inner->dx, $inner->dy));

        return new self($this->angle + ($this->flipped ? -$inner->angle : $inner->angle), $shift->x, $shift->y, $this->flipped !== $inner->flipped);
    }

    public function inverse(): self
    {
        $angle = $this->flipped ? $this->angle : -$this->angle;
        $back = (new self($angle, 0.0, 0.0, $this->flipped))->applyToDistance(new Point(-$this->dx, -$this->dy));

        return new self($angle, $back->x, $back->y, $this->flipped);
    }

    public function apply(Point $point): Point
    {
        if ($this->angle === 0.0 && ! $this->flipped) {
            return new Point($point->x + $this->dx, $point->y + $this->dy);
        }
        $turned = $this->applyToDistance($point);

        return new Point($turned->x + $this->dx, $turned->y + $this->dy);
    }

    /** A distance has no place, so it is only mirrored and turned. */
    public function applyToDistance(Point $distance): Point
    {
        return ($this->flipped ? new Point(-$distance->x, $distance->y) : $distance)->turned($this->angle);
    }

    /** The upright box round the moved, mirrored and turned box. */
    public function bounds(Rect $box): Rect
    {
        if ($this->angle === 0.0) {
            return $this->flipped ? new Rect($this->dx - $box->right(), $box->y + $this->dy, $box->w, $box->h) : $box->moved($this->dx, $this->dy);
        }

        $centre = $this->apply($box->centre());
        [$cos, $sin] = [abs(Angle::cos($this->angle)), abs(Angle::sin($this->angle))];
        $across = $box->w * $cos + $box->h * $sin;
        $down = $box->w * $sin + $box->h * $cos;

        return new Rect($centre->x - $across / 2, $centre->y - $down / 2, $across, $down);
    }

    /** As an SVG transform list (SVG 2, section 8.4). */
    public function toSvg(): string
    {
        return 'translate('.Length::digits($this->dx, 6).' '.Length::digits($this->dy, 6).')'
            .($this->angle === 0.0 ? '' : ' rotate('.Length::digits($this->angle, 6).')')
            .($this->flipped ? ' scale(-1 1)' : '');
    }
}
