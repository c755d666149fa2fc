<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/**
 * A move and a turn of the plane: p -> turn(p) + shift. Spaces of groups are only ever moved and turned,
 * never scaled, so the inverse is exact and lengths stay lengths. Nearly everything stands upright: then it is a sum.
 */
final readonly class Matrix
{
    /** @param  float  $angle degrees clockwise, not brought into any range */
    private function __construct(public float $angle, public float $dx, public float $dy)
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

    public static function turnAbout(Point $centre, float $degrees): self
    {
        if ($degrees === 0.0) {
            return self::identity();
        }
        $turned = $centre->turned($degrees);

        return new self($degrees, $centre->x - $turned->x, $centre->y - $turned->y);
    }

    /** First $inner, then this. */
    public function after(self $inner): self
    {
        if ($this->angle === 0.0) {
            return new self($inner->angle, $inner->dx + $this->dx, $inner->dy + $this->dy);
        }
        $shift = $this->apply(new Point($inner->dx, $inner->dy));

        return new self($this->angle + $inner->angle, $shift->x, $shift->y);
    }

    public function inverse(): self
    {
        $back = (new Point(-$this->dx, -$this->dy))->turned(-$this->angle);

        return new self(-$this->angle, $back->x, $back->y);
    }

    public function apply(Point $point): Point
    {
        $turned = $point->turned($this->angle);

        return new Point($turned->x + $this->dx, $turned->y + $this->dy);
    }

    /** A distance has no place, so it is only turned. */
    public function applyToDistance(Point $distance): Point
    {
        return $distance->turned($this->angle);
    }

    /** The upright box round the moved and turned box. */
    public function bounds(Rect $box): Rect
    {
        if ($this->angle === 0.0) {
            return $box->moved($this->dx, $this->dy);
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
        $shift = self::figure($this->dx).' '.self::figure($this->dy);

        return $this->angle === 0.0
            ? "translate($shift)"
            : sprintf('translate(%s) rotate(%s)', $shift, self::figure($this->angle));
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.');
    }
}
