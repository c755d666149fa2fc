<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Point;

/** A transform of SVG: (x, y) -> (a x + c y + e, b x + d y + f) (CSS Transforms 1, section 8). */
final readonly class Affine
{
    /** how far a part may be off and still count as none */
    private const NEAR = 1e-7;

    public function __construct(public float $a = 1.0, public float $b = 0.0, public float $c = 0.0, public float $d = 1.0, public float $e = 0.0, public float $f = 0.0)
    {
    }

    public static function shift(float $dx, float $dy): self
    {
        return new self(e: $dx, f: $dy);
    }

    /** First $inner, then this. */
    public function after(self $inner): self
    {
        return new self(
            $this->a * $inner->a + $this->c * $inner->b, $this->b * $inner->a + $this->d * $inner->b,
            $this->a * $inner->c + $this->c * $inner->d, $this->b * $inner->c + $this->d * $inner->d,
            $this->a * $inner->e + $this->c * $inner->f + $this->e, $this->b * $inner->e + $this->d * $inner->f + $this->f,
        );
    }

    public function apply(Point $point): Point
    {
        return new Point($this->a * $point->x + $this->c * $point->y + $this->e, $this->b * $point->x + $this->d * $point->y + $this->f);
    }

    public function determinant(): float
    {
        return $this->a * $this->d - $this->b * $this->c;
    }

    /** @return self|null null where it leaves nothing of the plane */
    public function inverse(): ?self
    {
        $det = $this->determinant();
        if (abs($det) < 1e-12) {
            return null;
        }
        $linear = new self($this->d / $det, -$this->b / $det, -$this->c / $det, $this->a / $det);
        $back = $linear->apply(new Point(-$this->e, -$this->f));

        return new self($linear->a, $linear->b, $linear->c, $linear->d, $back->x, $back->y);
    }

    /** @return float by how much lengths grow, on the whole */
    public function scale(): float
    {
        return sqrt(abs($this->determinant()));
    }

    /** Whether upright boxes stay boxes, turned or not. */
    public function isWithoutSkew(): bool
    {
        return abs($this->a * $this->c + $this->b * $this->d) <= self::NEAR * max(1e-12, hypot($this->a, $this->b) * hypot($this->c, $this->d)) && abs($this->determinant()) > 1e-12;
    }

    /** Whether lengths grow alike in all directions. */
    public function isEven(): bool
    {
        return $this->isWithoutSkew() && abs(hypot($this->a, $this->b) - hypot($this->c, $this->d)) <= self::NEAR * max(1.0, hypot($this->a, $this->b));
    }

    /** Whether it moves and turns, and does nothing else. */
    public function isMove(): bool
    {
        return $this->isEven() && $this->determinant() > 0.0 && abs(hypot($this->a, $this->b) - 1.0) <= self::NEAR;
    }

    /**
     * What it does without skew, in this order: scaled along both axes, mirrored, turned.
     *
     * @return array{Point, Flip, float} the factors, how it is mirrored, degrees clockwise
     */
    public function taken(): array
    {
        $factors = new Point(hypot($this->a, $this->b), hypot($this->c, $this->d));
        $angle = rad2deg(atan2($this->b, $this->a));
        if ($this->determinant() > 0.0) {
            return [$factors, Flip::None, self::clean($angle)];
        }

        // Mirrored down and turned is mirrored across and turned by half a turn more: whichever turns less.
        return abs(self::clean($angle)) <= 90.0 ? [$factors, Flip::Down, self::clean($angle)] : [$factors, Flip::Across, self::clean($angle > 0.0 ? $angle - 180.0 : $angle + 180.0)];
    }

    private static function clean(float $degrees): float
    {
        $rounded = round($degrees, 6);

        return $rounded === -0.0 ? 0.0 : $rounded;
    }

    /**
     * A list of transforms as an attribute has it.
     *
     * @return self|null null where it cannot be read
     */
    public static function read(string $text): ?self
    {
        $all = new self;
        $rest = trim($text);
        while ($rest !== '') {
            if (preg_match('/^(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^)]*)\)[\s,]*/', $rest, $found) !== 1) {
                return $rest === 'none' ? $all : null;
            }
            $rest = substr($rest, strlen($found[0]));
            preg_match_all('/[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/', $found[2], $figures);
            $one = self::one($found[1], array_map(floatval(...), $figures[0]));
            if ($one === null) {
                return null;
            }
            $all = $all->after($one);
        }

        return $all;
    }

    /** @param  list<float>  $n */
    private static function one(string $name, array $n): ?self
    {
        $count = count($n);
        $turn = static function (float $degrees): self {
            [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

            return new self($cos, $sin, -$sin, $cos);
        };

        return match (true) {
            $name === 'matrix' && $count === 6 => new self(...$n),
            $name === 'translate' && $count >= 1 && $count <= 2 => self::shift($n[0], $n[1] ?? 0.0),
            $name === 'scale' && $count >= 1 && $count <= 2 => new self($n[0], 0.0, 0.0, $n[1] ?? $n[0]),
            $name === 'rotate' && $count === 1 => $turn($n[0]),
            $name === 'rotate' && $count === 3 => self::shift($n[1], $n[2])->after($turn($n[0]))->after(self::shift(-$n[1], -$n[2])),
            $name === 'skewX' && $count === 1 => new self(c: tan(deg2rad($n[0]))),
            $name === 'skewY' && $count === 1 => new self(b: tan(deg2rad($n[0]))),
            default => null,
        };
    }
}
