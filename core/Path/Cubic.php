<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;

/** A part of a path: a straight line where neither control point is given, else a cubic Bézier curve. */
final readonly class Cubic
{
    public Point $a;

    public Point $b;

    public bool $isStraight;

    public function __construct(public Point $from, ?Point $out, ?Point $in, public Point $to)
    {
        $this->isStraight = $out === null && $in === null;
        $this->a = $out ?? $from;
        $this->b = $in ?? $to;
    }

    /** @param  float  $t  0 where it begins, 1 where it ends */
    public function at(float $t): Point
    {
        if ($this->isStraight) {
            return new Point($this->from->x + ($this->to->x - $this->from->x) * $t, $this->from->y + ($this->to->y - $this->from->y) * $t);
        }
        $u = 1 - $t;
        [$p, $q, $r, $s] = [$u * $u * $u, 3 * $u * $u * $t, 3 * $u * $t * $t, $t * $t * $t];

        return new Point(
            $p * $this->from->x + $q * $this->a->x + $r * $this->b->x + $s * $this->to->x,
            $p * $this->from->y + $q * $this->a->y + $r * $this->b->y + $s * $this->to->y,
        );
    }

    /** Whether it goes anywhere at all. */
    public function hasLength(): bool
    {
        foreach ([$this->to, $this->a, $this->b] as $other) {
            if (abs($other->x - $this->from->x) > 1e-9 || abs($other->y - $this->from->y) > 1e-9) {
                return true;
            }
        }

        return false;
    }

    /** Which way it begins: towards the first point that is another than where it begins. */
    public function begins(): Point
    {
        return self::towards($this->from, $this->a, $this->b, $this->to);
    }

    /** Which way it ends, onwards. */
    public function ends(): Point
    {
        return self::towards($this->to, $this->b, $this->a, $this->from)->times(-1, -1);
    }

    private static function towards(Point $from, Point ...$others): Point
    {
        foreach ($others as $other) {
            if (abs($other->x - $from->x) > 1e-9 || abs($other->y - $from->y) > 1e-9) {
                return $other->minus($from);
            }
        }

        return new Point(0.0, 0.0);
    }

    /** @return array{self, self} cut in two (de Casteljau) */
    public function cut(float $t): array
    {
        if ($this->isStraight) {
            $middle = $this->at($t);

            return [new self($this->from, null, null, $middle), new self($middle, null, null, $this->to)];
        }
        $mix = static fn (Point $p, Point $q): Point => new Point($p->x + ($q->x - $p->x) * $t, $p->y + ($q->y - $p->y) * $t);
        [$a, $b, $c] = [$mix($this->from, $this->a), $mix($this->a, $this->b), $mix($this->b, $this->to)];
        [$d, $e] = [$mix($a, $b), $mix($b, $c)];
        $middle = $mix($d, $e);

        return [new self($this->from, $a, $d, $middle), new self($middle, $e, $c, $this->to)];
    }

    /** What lies between two places on it. */
    public function between(float $from, float $to): self
    {
        if ($from <= 0.0) {
            return $to >= 1.0 ? $this : $this->cut($to)[0];
        }
        $rest = $this->cut($from)[1];

        return $to >= 1.0 ? $rest : $rest->cut(($to - $from) / (1 - $from))[0];
    }

    /**
     * Where it is outermost along the axes: its ends, and where a coordinate turns round (the derivative is 0).
     *
     * @return list<Point>
     */
    public function extremes(): array
    {
        return [$this->from, $this->to, ...$this->outermost(Axis::X), ...$this->outermost(Axis::Y)];
    }

    /** @return list<Point> between its ends, where it runs straight across an axis */
    public function outermost(Axis $axis): array
    {
        if ($this->isStraight) {
            return [];
        }
        $turns = $axis === Axis::X
            ? self::turns($this->from->x, $this->a->x, $this->b->x, $this->to->x)
            : self::turns($this->from->y, $this->a->y, $this->b->y, $this->to->y);

        return array_map($this->at(...), $turns);
    }

    /**
     * As straight pieces that lie off it by no more than this.
     *
     * @return list<float> where they begin, the first at 0; the last ends at 1
     */
    public function steps(float $tolerance): array
    {
        if ($this->isStraight) {
            return [0.0];
        }
        // A piece of 1/n lies off by an eighth of its second difference at most (Wang's bound for degree 3).
        $bend = max(
            hypot($this->from->x - 2 * $this->a->x + $this->b->x, $this->from->y - 2 * $this->a->y + $this->b->y),
            hypot($this->a->x - 2 * $this->b->x + $this->to->x, $this->a->y - 2 * $this->b->y + $this->to->y),
        );
        $count = max(1, (int) ceil(sqrt(0.75 * $bend / $tolerance)));

        return array_map(static fn (int $i): float => $i / $count, range(0, $count - 1));
    }

    /** Its length, to 1/1000 of it: by Gauss and Legendre with five places in each of eight pieces. */
    public function length(float $upTo = 1.0): float
    {
        if ($this->isStraight) {
            return hypot($this->to->x - $this->from->x, $this->to->y - $this->from->y) * $upTo;
        }
        $length = 0.0;
        for ($i = 0; $i < 8; $i++) {
            foreach ([[0.0, 0.5688888888888889], [0.5384693101056831, 0.47862867049936647], [-0.5384693101056831, 0.47862867049936647], [0.9061798459386640, 0.23692688505618908], [-0.9061798459386640, 0.23692688505618908]] as [$place, $weight]) {
                $length += $weight * $this->speed(($i + ($place + 1) / 2) / 8 * $upTo);
            }
        }

        return $length / 16 * $upTo;
    }

    private function speed(float $t): float
    {
        $by = $this->derivative($t);

        return hypot($by->x, $by->y);
    }

    /** How it goes on at a place, px to the whole of it. */
    public function derivative(float $t): Point
    {
        if ($this->isStraight) {
            return $this->to->minus($this->from);
        }
        $u = 1 - $t;
        [$p, $q, $r] = [3 * $u * $u, 6 * $u * $t, 3 * $t * $t];

        return new Point(
            $p * ($this->a->x - $this->from->x) + $q * ($this->b->x - $this->a->x) + $r * ($this->to->x - $this->b->x),
            $p * ($this->a->y - $this->from->y) + $q * ($this->b->y - $this->a->y) + $r * ($this->to->y - $this->b->y),
        );
    }

    /** @return list<float> the roots between 0 and 1 of the derivative of one coordinate */
    private static function turns(float $p, float $q, float $r, float $s): array
    {
        [$a, $b, $c] = [-$p + 3 * $q - 3 * $r + $s, 2 * ($p - 2 * $q + $r), $q - $p];
        if (abs($a) < 1e-12 * (abs($b) + abs($c) + 1e-300)) {
            $roots = $b === 0.0 ? [] : [-$c / $b];
        } else {
            $inside = $b * $b - 4 * $a * $c;
            if ($inside < 0) {
                return [];
            }
            // Of the two forms of each root the one without cancellation.
            $half = -0.5 * ($b + ($b < 0 ? -1 : 1) * sqrt($inside));
            $roots = $half === 0.0 ? [0.0] : [$half / $a, $c / $half];
        }

        return array_values(array_filter($roots, static fn (float $t): bool => $t > 0 && $t < 1));
    }
}
