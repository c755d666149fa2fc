<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Path\Cubic;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\Subpath;

/**
 * The edges of shapes as straight pieces between points of a grid.
 *
 * A piece is `[x1, y1, x2, y2, shape, source, t1, t2]`: two points of the grid, which shape it is of, and from where to where it follows
 * which of the sources.
 *
 * @phpstan-type Piece array{int, int, int, int, int, int, float, float}
 */
final class Pieces
{
    /** Pieces lie off the curves they follow by no more than this, px. */
    public const TOLERANCE = 0.025;

    /** A product of two differences of places has to stay a whole number of 64 bits, with room for what is summed. */
    private const WIDEST = 1 << 28;

    /** @var list<Piece> */
    public array $list = [];

    /** @var list<Cubic> */
    public array $sources = [];

    /** @var array<string, Point> points of shapes, to the last digit, by their places on the grid */
    private array $exact = [];

    private function __construct(private readonly float $left, private readonly float $top, private readonly float $scale)
    {
    }

    /**
     * @param  list<Path>  $shapes
     * @return self|null null where there is nothing
     */
    public static function of(array $shapes): ?self
    {
        $bounds = Rect::unionOf(array_values(array_filter(array_map(static fn (Path $path): ?Rect => $path->bounds(), $shapes))));
        if ($bounds === null) {
            return null;
        }
        $extent = max($bounds->w, $bounds->h, 1e-3);
        $pieces = new self($bounds->x, $bounds->y, 2.0 ** min(14, floor(log(self::WIDEST / $extent, 2))));
        foreach ($shapes as $shape => $path) {
            foreach ($path->subpaths as $subpath) {
                $pieces->follow($shape, new Subpath($subpath->points, true));
            }
        }

        return $pieces;
    }

    private function follow(int $shape, Subpath $run): void
    {
        foreach ($run->parts() as $part) {
            $source = count($this->sources);
            $this->sources[] = $part;
            $steps = [...$part->steps(self::TOLERANCE), 1.0];
            [$x, $y] = $this->place($part->from, true);
            for ($i = 1, $n = count($steps); $i < $n; $i++) {
                [$toX, $toY] = $i === $n - 1 ? $this->place($part->to, true) : $this->place($part->at($steps[$i]));
                if ($toX !== $x || $toY !== $y) {
                    $this->list[] = [$x, $y, $toX, $toY, $shape, $source, $steps[$i - 1], $steps[$i]];
                    [$x, $y] = [$toX, $toY];
                }
            }
        }
    }

    /** @return array{int, int} */
    private function place(Point $point, bool $isPoint = false): array
    {
        $place = [(int) round(($point->x - $this->left) * $this->scale), (int) round(($point->y - $this->top) * $this->scale)];
        if ($isPoint) {
            $this->exact["$place[0] $place[1]"] ??= $point;
        }

        return $place;
    }

    /** Where a place of the grid lies: just where a shape has a point, if one has one there. */
    public function point(int $x, int $y): Point
    {
        return $this->exact["$x $y"] ?? new Point($this->left + $x / $this->scale, $this->top + $y / $this->scale);
    }

    /** px2 to one square of the grid */
    public function area(): float
    {
        return 1 / ($this->scale * $this->scale);
    }
}
