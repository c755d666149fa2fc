<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use JsonSerializable;

/** A path (RULES 15): runs of points, joined by straight lines and cubic Bézier curves. */
final readonly class Path implements JsonSerializable
{
    /** @param  list<Subpath>  $subpaths */
    public function __construct(public array $subpaths)
    {
    }

    /** @param  callable(Point): Point  $to */
    public function mapped(callable $to): self
    {
        return new self(array_map(static fn (Subpath $subpath): Subpath => $subpath->mapped($to), $this->subpaths));
    }

    public function moved(float $dx, float $dy): self
    {
        $by = new Point($dx, $dy);

        return $this->mapped(static fn (Point $p): Point => $p->plus($by));
    }

    /** @param  array<int, Subpath>  $changed  by index */
    public function with(array $changed): self
    {
        return new self(array_values(array_replace($this->subpaths, $changed)));
    }

    public function plus(self $other): self
    {
        return new self([...$this->subpaths, ...$other->subpaths]);
    }

    public function countPoints(): int
    {
        return array_sum(array_map(static fn (Subpath $subpath): int => count($subpath->points), $this->subpaths));
    }

    /** Whether every run comes back to where it begins. */
    public function isClosed(): bool
    {
        return array_filter($this->subpaths, static fn (Subpath $subpath): bool => ! $subpath->closed) === [];
    }

    /** Whether there can be anything between its runs: a straight line has no inside. */
    public function hasInside(): bool
    {
        foreach ($this->subpaths as $subpath) {
            if (count($subpath->points) > 2 || $subpath->hasCurves()) {
                return true;
            }
        }

        return false;
    }

    /** Whether any of it goes anywhere. */
    public function hasLength(): bool
    {
        foreach ($this->subpaths as $subpath) {
            foreach ($subpath->parts() as $part) {
                if ($part->hasLength()) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The true extent of its curves; null where there are none. */
    public function bounds(): ?Rect
    {
        $points = [];
        foreach ($this->subpaths as $subpath) {
            foreach ($subpath->parts() as $part) {
                array_push($points, ...$part->extremes());
            }
            if (count($subpath->points) === 1) {
                $points[] = $subpath->points[0]->at;
            }
        }

        return $points === [] ? null : Rect::around($points);
    }

    /** @return list<array{closed: bool, points: list<array<string, mixed>>}> */
    public function toArray(): array
    {
        return array_map(static fn (Subpath $subpath): array => $subpath->toArray(), $this->subpaths);
    }

    /** @return list<array{closed: bool, points: list<array<string, mixed>>}> */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }

    /** @param  array<mixed>  $data  as toArray() gave it */
    public static function read(array $data): self
    {
        return new self(array_map(Subpath::read(...), array_values(array_filter($data, is_array(...)))));
    }
}
