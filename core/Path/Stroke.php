<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;

/** How a line is drawn along a path, and how far it reaches (SVG 2, section 13.5). */
final readonly class Stroke
{
    /** Beyond this many times its weight a mitre is cut off. */
    public const MITRE = 4.0;

    private const AXES = [[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]];

    /** @param  float  $reach  half its weight, px; 0 where nothing is drawn along it */
    public function __construct(public float $reach, public string $ends = 'butt', public string $joins = 'miter')
    {
    }

    /** The upright box round a path that is drawn with it. */
    public function bounds(Path $path): ?Rect
    {
        $bare = $path->bounds();
        if ($bare === null || ($this->reach <= 0.0 && $path->hasLength())) {
            return $bare;
        }
        // What lies so far within the bare path reaches past it with no mitre.
        $far = self::MITRE * $this->reach;
        $inner = Rect::between($bare->x + $far, $bare->y + $far, $bare->right() - $far, $bare->bottom() - $far);
        $points = [];
        foreach ($path->subpaths as $subpath) {
            array_push($points, ...$this->extremes($subpath, $inner));
        }

        return $points === [] ? null : Rect::around($points);
    }

    /**
     * @param  Rect  $inner  parts that lie wholly in it are no matter; it may be of no size
     * @return list<Point> the outermost points of what is drawn, along the axes
     */
    private function extremes(Subpath $subpath, Rect $inner): array
    {
        // Parts of no length have no direction and join nothing.
        $parts = array_values(array_filter($subpath->parts(), static fn (Cubic $part): bool => $part->hasLength()));
        if ($parts === []) {
            return $subpath->points === [] ? [] : $this->dot($subpath->points[0]->at);
        }
        $points = [];
        foreach ($parts as $i => $part) {
            if (! self::liesIn($part, $inner)) {
                array_push($points, ...$this->along($part));
            }
            $next = $parts[$i + 1] ?? ($subpath->closed ? $parts[0] : null);
            if ($next !== null && ! self::holds($inner, $part->to)) {
                array_push($points, ...$this->corner($part->to, $part->ends()->unit(), $next->begins()->unit()));
            }
        }
        if (! $subpath->closed) {
            $last = $parts[count($parts) - 1];
            array_push($points, ...$this->end($parts[0]->from, $parts[0]->begins()->unit()->times(-1, -1)), ...$this->end($last->to, $last->ends()->unit()));
        }

        return $points;
    }

    private static function liesIn(Cubic $part, Rect $box): bool
    {
        return self::holds($box, $part->from) && self::holds($box, $part->to) && self::holds($box, $part->a) && self::holds($box, $part->b);
    }

    private static function holds(Rect $box, Point $point): bool
    {
        return $point->x > $box->x && $point->x < $box->x + $box->w && $point->y > $box->y && $point->y < $box->y + $box->h;
    }

    /** @return list<Point> of a part between its ends, and beside these */
    private function along(Cubic $part): array
    {
        $points = [...$this->across($part->from, $part->begins()->unit()), ...$this->across($part->to, $part->ends()->unit())];
        // Where a curve turns round, what is drawn along it reaches straight out.
        foreach ($part->outermost(Axis::X) as $point) {
            array_push($points, ...$this->across($point, new Point(0.0, 1.0)));
        }
        foreach ($part->outermost(Axis::Y) as $point) {
            array_push($points, ...$this->across($point, new Point(1.0, 0.0)));
        }

        return $points;
    }

    /** @return list<Point> */
    private function across(Point $at, Point $direction): array
    {
        $aside = new Point(-$direction->y * $this->reach, $direction->x * $this->reach);

        return [$at->plus($aside), $at->minus($aside)];
    }

    /** @return list<Point> */
    private function round(Point $at): array
    {
        return array_map(fn (array $axis): Point => $at->plus(new Point($axis[0] * $this->reach, $axis[1] * $this->reach)), self::AXES);
    }

    /** @return list<Point> a line of no length is a dot where its ends are drawn, and nothing else */
    private function dot(Point $at): array
    {
        return $this->ends === 'butt' ? [] : $this->round($at);
    }

    /** @return list<Point> */
    private function end(Point $at, Point $onwards): array
    {
        return match ($this->ends) {
            'round' => $this->round($at),
            'square' => $this->across($at->plus($onwards->times($this->reach, $this->reach)), $onwards),
            default => [],
        };
    }

    /** @return list<Point> */
    private function corner(Point $at, Point $in, Point $out): array
    {
        if ($this->joins === 'round') {
            // Round a smooth point nothing is added to what the curves themselves reach.
            return abs($in->x * $out->y - $in->y * $out->x) < 1e-6 && $in->x * $out->x + $in->y * $out->y > 0 ? [] : $this->round($at);
        }
        // The half angle between the edges, by the chord of their directions.
        $sine = hypot($in->x - $out->x, $in->y - $out->y) / 2;
        $half = sqrt(max(0.0, 1 - $sine * $sine));
        if ($this->joins !== 'miter' || $sine < 1e-6 || $half * self::MITRE < 1.0) {
            return [];
        }
        $tip = $in->minus($out)->unit()->times($this->reach / $half, $this->reach / $half);

        return [$at->plus($tip)];
    }
}
