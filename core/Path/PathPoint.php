<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

use AllSquare\Core\Geometry\Point;

/** A point of a path, with the control points of the curves that come in and go out; straight parts have none. */
final readonly class PathPoint
{
    /**
     * @param  Point|null  $in  the control point of the curve that ends there
     * @param  Point|null  $out  of the one that begins there
     * @param  bool  $smooth  whether the curve runs through it without a corner, which is kept when a control point is moved
     */
    public function __construct(public Point $at, public ?Point $in = null, public ?Point $out = null, public bool $smooth = false)
    {
    }

    /** @param  callable(Point): Point  $to */
    public function mapped(callable $to): self
    {
        return new self($to($this->at), $this->in === null ? null : $to($this->in), $this->out === null ? null : $to($this->out), $this->smooth);
    }

    public function moved(Point $by): self
    {
        return $this->mapped(static fn (Point $p): Point => $p->plus($by));
    }

    /** As it is when the path is run through the other way. */
    public function reversed(): self
    {
        return new self($this->at, $this->out, $this->in, $this->smooth);
    }

    /**
     * With another control point. Where the curve runs through smoothly, the one opposite turns with it and keeps its distance.
     *
     * @param  bool  $isIn  whether it is that of the curve that comes in
     */
    public function withControl(bool $isIn, ?Point $control): self
    {
        $other = $isIn ? $this->out : $this->in;
        if ($this->smooth && $control !== null && $other !== null) {
            $away = $this->at->minus($control);
            $length = hypot($away->x, $away->y);
            $reach = hypot($other->x - $this->at->x, $other->y - $this->at->y);
            $other = $length < 1e-9 ? $other : $this->at->plus($away->times($reach / $length, $reach / $length));
        }

        return $isIn ? new self($this->at, $control, $other, $this->smooth) : new self($this->at, $other, $control, $this->smooth);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            ...self::figures($this->at),
            ...($this->in === null ? [] : ['in' => self::figures($this->in)]),
            ...($this->out === null ? [] : ['out' => self::figures($this->out)]),
            ...($this->smooth ? ['smooth' => true] : []),
        ];
    }

    /** @return array{x: float, y: float} -0 is 0 */
    private static function figures(Point $point): array
    {
        return ['x' => $point->x + 0.0, 'y' => $point->y + 0.0];
    }

    /** @param  array<mixed>  $data  as toArray() gave it */
    public static function read(array $data): self
    {
        return new self(
            self::point($data) ?? new Point(0.0, 0.0),
            self::point($data['in'] ?? null),
            self::point($data['out'] ?? null),
            ($data['smooth'] ?? null) === true,
        );
    }

    private static function point(mixed $data): ?Point
    {
        return is_array($data) && is_numeric($data['x'] ?? null) && is_numeric($data['y'] ?? null) ? new Point((float) $data['x'], (float) $data['y']) : null;
    }
}
