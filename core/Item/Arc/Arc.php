<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Arc;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Corner;

/** Where a part of an ellipse lies in some space: by angles in degrees, clockwise from the top of its own frame. */
final readonly class Arc
{
    /**
     * @param  Point  $across  the half axis that points to the right in its own frame
     * @param  Point  $down  the one that points down
     */
    private function __construct(public Point $centre, private Point $across, private Point $down, public float $start, public float $sweep, public float $hole)
    {
    }

    /** @return self|null null where there is nothing of it */
    public static function of(Item $item, Matrix $toSpace): ?self
    {
        [$w, $h, $sweep] = [$item->frame->w, $item->frame->h, $item->number('sweep')];
        if ($w <= 0 || $h <= 0 || $sweep === 0.0) {
            return null;
        }
        $centre = $toSpace->apply(new Point($w / 2, $h / 2));
        $start = $item->number('start') + min(0.0, $sweep);

        return new self($centre, $toSpace->apply(new Point($w, $h / 2))->minus($centre), $toSpace->apply(new Point($w / 2, $h))->minus($centre), $start, abs($sweep), $item->number('hole'));
    }

    public function end(): float
    {
        return $this->start + $this->sweep;
    }

    public function middle(): float
    {
        return $this->start + $this->sweep / 2;
    }

    /** All the way round. */
    public function isWhole(): bool
    {
        return $this->sweep >= 360.0;
    }

    /** Nothing but the curve. */
    public function isBare(): bool
    {
        return $this->hole >= 1.0;
    }

    public function outer(float $angle): Point
    {
        return $this->at($angle, 1.0);
    }

    public function inner(float $angle): Point
    {
        return $this->at($angle, $this->hole);
    }

    private function at(float $angle, float $share): Point
    {
        [$sin, $cos] = [Angle::sin($angle) * $share, Angle::cos($angle) * $share];

        return $this->centre->plus($this->across->times($sin, $sin))->minus($this->down->times($cos, $cos));
    }

    /** How the curve runs on at an angle. */
    private function tangent(float $angle): Point
    {
        [$sin, $cos] = [Angle::sin($angle), Angle::cos($angle)];

        return $this->across->times($cos, $cos)->plus($this->down->times($sin, $sin));
    }

    /**
     * Where its curves are outermost in the directions of the axes.
     *
     * @param  float  $reach  half the weight of the outline, px
     * @return list<Point>
     */
    public function extremes(float $reach): array
    {
        $points = [];
        foreach ([[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]] as [$x, $y]) {
            $angle = rad2deg(atan2($this->across->x * $x + $this->across->y * $y, -$this->down->x * $x - $this->down->y * $y));
            $past = fmod($angle - $this->start, 360.0);
            if ($this->isWhole() || ($past < 0 ? $past + 360.0 : $past) <= $this->sweep) {
                foreach ($this->hole > 0.0 && ! $this->isWhole() ? [1.0, $this->hole] : [1.0] as $share) {
                    $points[] = $this->at($angle, $share)->plus(new Point($x * $reach, $y * $reach));
                }
            }
        }

        return $points;
    }

    /** @return list<Corner> sharp ones, in order; of nothing but a curve its ends */
    public function corners(): array
    {
        [$from, $to] = [$this->tangent($this->start), $this->tangent($this->end())];
        $corner = static fn (Point $tip, Point $in, Point $out): Corner => new Corner($tip, $tip->plus($in), $tip->plus($out), 0.0);
        [$first, $last] = [$this->outer($this->start), $this->outer($this->end())];
        if ($this->isBare()) {
            // Ends are cut off square: straight on for the corner, which has no tip then.
            return [$corner($first, $from->times(-1, -1), $from), $corner($last, $to->times(-1, -1), $to)];
        }
        [$near, $far] = [$this->inner($this->start), $this->inner($this->end())];
        $outer = [$corner($first, $near->minus($first), $from), $corner($last, $to->times(-1, -1), $far->minus($last))];

        return $this->hole > 0.0
            ? [...$outer, $corner($far, $last->minus($far), $to->times(-1, -1)), $corner($near, $from, $first->minus($near))]
            : [...$outer, $corner($this->centre, $last->minus($this->centre), $first->minus($this->centre))];
    }
}
