<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Path\Stroke;

/** A corner of a polygon, rounded as far as its edges let it be. */
final readonly class Corner
{
    /** how far it is rounded, px; 0 for a sharp corner */
    public float $radius;

    /** where the rounding begins and ends on the edges */
    public Point $from;

    public Point $to;

    private Point $in;

    private Point $out;

    /** half the angle between its edges, in radians */
    private float $half;

    /**
     * @param  float  $radius  that it is to be rounded by, px
     * @param  float  $room  the share of the shorter edge that the rounding may take
     */
    public function __construct(public Point $tip, Point $before, Point $after, float $radius, float $room = 0.5)
    {
        $this->in = $before->minus($tip)->unit();
        $this->out = $after->minus($tip)->unit();
        $cosine = max(-1.0, min(1.0, $this->in->x * $this->out->x + $this->in->y * $this->out->y));
        $this->half = acos($cosine) / 2;
        $most = min($before->minus($tip)->length(), $after->minus($tip)->length()) * $room;
        $slope = tan($this->half);
        // A straight corner needs no rounding, and one that folds back has no room for it.
        $cut = $slope < 1e-9 || $this->half > M_PI / 2 - 1e-9 ? 0.0 : min($most, $radius / $slope);
        $this->radius = $cut * $slope;
        $this->from = $tip->plus($this->in->times($cut, $cut));
        $this->to = $tip->plus($this->out->times($cut, $cut));
    }

    /** Whether one turns to the right there, going from the edge before it to the one after, y downwards. */
    public function isToTheRight(): bool
    {
        return -$this->in->x * $this->out->y + $this->in->y * $this->out->x > 0;
    }

    /**
     * The outermost points of what is painted at the corner, in axis directions.
     *
     * @return list<Point>
     */
    public function extremes(Stroke $stroke): array
    {
        $reach = $stroke->reach;
        $points = [];
        foreach ([[$this->from, $this->in], [$this->to, $this->out]] as [$end, $edge]) {
            $across = new Point(-$edge->y * $reach, $edge->x * $reach);
            array_push($points, $end->plus($across), $end->minus($across));
        }
        $outward = (new Point(-$this->in->x - $this->out->x, -$this->in->y - $this->out->y))->unit();
        $sine = sin($this->half);
        if ($this->radius <= 0.0) {
            return match (true) {
                $stroke->joins === 'round' => [...$points, ...$this->roundedOff($this->tip, $outward, $reach)],
                $stroke->joins === 'miter' && $sine * Stroke::MITRE >= 1.0 => [...$points, $this->tip->plus($outward->times($reach / $sine, $reach / $sine))],
                default => $points,
            };
        }
        $back = $this->radius / $sine;

        return [...$points, ...$this->roundedOff($this->tip->minus($outward->times($back, $back)), $outward, $this->radius + $reach)];
    }

    /** @return list<Point> where a round piece that faces outwards runs along the axes */
    private function roundedOff(Point $centre, Point $outward, float $radius): array
    {
        $cosine = cos(M_PI / 2 - $this->half);
        $points = [];
        foreach ([[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]] as [$x, $y]) {
            if ($x * $outward->x + $y * $outward->y >= $cosine) {
                $points[] = $centre->plus((new Point($x, $y))->times($radius, $radius));
            }
        }

        return $points;
    }
}
