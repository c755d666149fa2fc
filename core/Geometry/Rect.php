<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** An upright box in pixels. Its width and height are 0 or more. */
final readonly class Rect
{
    public function __construct(public float $x, public float $y, public float $w, public float $h)
    {
    }

    public static function between(float $left, float $top, float $right, float $bottom): self
    {
        return new self($left, $top, $right - $left, $bottom - $top);
    }

    /** @param  non-empty-list<Point>  $points */
    public static function around(array $points): self
    {
        $xs = array_map(static fn (Point $p): float => $p->x, $points);
        $ys = array_map(static fn (Point $p): float => $p->y, $points);

        return self::between(min($xs), min($ys), max($xs), max($ys));
    }

    /** @param  list<Rect>  $boxes */
    public static function unionOf(array $boxes): ?self
    {
        if ($boxes === []) {
            return null;
        }
        $left = $top = INF;
        $right = $bottom = -INF;
        foreach ($boxes as $box) {
            $left = min($left, $box->x);
            $top = min($top, $box->y);
            $right = max($right, $box->x + $box->w);
            $bottom = max($bottom, $box->y + $box->h);
        }

        return self::between($left, $top, $right, $bottom);
    }

    public function union(self $other): self
    {
        return self::between(
            min($this->x, $other->x),
            min($this->y, $other->y),
            max($this->right(), $other->right()),
            max($this->bottom(), $other->bottom()),
        );
    }

    public function right(): float
    {
        return $this->x + $this->w;
    }

    public function bottom(): float
    {
        return $this->y + $this->h;
    }

    public function centre(): Point
    {
        return new Point($this->x + $this->w / 2, $this->y + $this->h / 2);
    }

    public function at(NinePoint $point): Point
    {
        return new Point($this->x + $this->w * $point->across(), $this->y + $this->h * $point->down());
    }

    public function moved(float $dx, float $dy): self
    {
        return new self($this->x + $dx, $this->y + $dy, $this->w, $this->h);
    }

    public function contains(self $inner): bool
    {
        return $inner->x > $this->x - Length::SAME
            && $inner->y > $this->y - Length::SAME
            && $inner->right() < $this->right() + Length::SAME
            && $inner->bottom() < $this->bottom() + Length::SAME;
    }

    /** Whether they share a point; boxes that only touch do. */
    public function meets(self $other): bool
    {
        return $this->x <= $other->right() && $other->x <= $this->right()
            && $this->y <= $other->bottom() && $other->y <= $this->bottom();
    }

    /** What both cover; null where they do not meet. */
    public function within(self $other): ?self
    {
        [$x, $y] = [max($this->x, $other->x), max($this->y, $other->y)];
        [$right, $bottom] = [min($this->right(), $other->right()), min($this->bottom(), $other->bottom())];

        return $right < $x || $bottom < $y ? null : new self($x, $y, $right - $x, $bottom - $y);
    }

    public function area(): float
    {
        return $this->w * $this->h;
    }

    /**
     * All four figures to 1/1000 px. The right and bottom edges are rounded, so that boxes that met still meet.
     * What reckoning leaves behind the millionth is put aside first: a half always rounds alike.
     */
    public function rounded(): self
    {
        $x = Length::round(round($this->x, 7));
        $y = Length::round(round($this->y, 7));

        return new self(
            $x,
            $y,
            max(0.0, Length::round(Length::round(round($this->x + $this->w, 7)) - $x)),
            max(0.0, Length::round(Length::round(round($this->y + $this->h, 7)) - $y)),
        );
    }

    public function same(self $other): bool
    {
        return Length::same($this->x, $other->x) && Length::same($this->y, $other->y)
            && Length::same($this->w, $other->w) && Length::same($this->h, $other->h);
    }

    /** @return array{x: float, y: float, w: float, h: float} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'w' => $this->w, 'h' => $this->h];
    }
}
