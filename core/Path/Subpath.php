<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

use AllSquare\Core\Geometry\Point;

/** One run of a path, from point to point; a closed one comes back to its first. */
final readonly class Subpath
{
    /** @param  list<PathPoint>  $points */
    public function __construct(public array $points, public bool $closed = false)
    {
    }

    /** @param  list<Point>  $corners */
    public static function ofCorners(array $corners, bool $closed): self
    {
        return new self(array_map(static fn (Point $at): PathPoint => new PathPoint($at), $corners), $closed);
    }

    /** @return list<Cubic> from each point to the next */
    public function parts(): array
    {
        $parts = [];
        for ($i = 0, $n = $this->countParts(); $i < $n; $i++) {
            $parts[] = $this->part($i);
        }

        return $parts;
    }

    public function hasCurves(): bool
    {
        return array_filter($this->parts(), static fn (Cubic $part): bool => ! $part->isStraight) !== [];
    }

    public function countParts(): int
    {
        $count = count($this->points);
        // A single curve may come back to the point it leaves.
        $isLoop = $count === 1 && ($this->points[0]->in !== null || $this->points[0]->out !== null);

        return max(0, $this->closed && ($count > 1 || $isLoop) ? $count : $count - 1);
    }

    /** @param  int  $i  of the point it begins at */
    public function part(int $i): Cubic
    {
        [$from, $to] = [$this->points[$i], $this->points[($i + 1) % count($this->points)]];

        return new Cubic($from->at, $from->out, $to->in, $to->at);
    }

    /** @param  callable(Point): Point  $to */
    public function mapped(callable $to): self
    {
        return new self(array_map(static fn (PathPoint $point): PathPoint => $point->mapped($to), $this->points), $this->closed);
    }

    public function reversed(): self
    {
        return new self(array_map(static fn (PathPoint $point): PathPoint => $point->reversed(), array_reverse($this->points)), $this->closed);
    }

    /** @param  array<int, PathPoint>  $changed  by index */
    public function with(array $changed): self
    {
        return new self(array_values(array_replace($this->points, $changed)), $this->closed);
    }

    /** @return array{closed: bool, points: list<array<string, mixed>>} */
    public function toArray(): array
    {
        return ['closed' => $this->closed, 'points' => array_map(static fn (PathPoint $point): array => $point->toArray(), $this->points)];
    }

    /** @param  array<mixed>  $data  as toArray() gave it */
    public static function read(array $data): self
    {
        $points = is_array($data['points'] ?? null) ? array_values(array_filter($data['points'], is_array(...))) : [];

        return new self(array_map(PathPoint::read(...), $points), ($data['closed'] ?? null) === true);
    }
}
