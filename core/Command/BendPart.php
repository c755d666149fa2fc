<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Points\EditedPath;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;

/** Bends a straight part out of the way of something: for a while it runs beside its course, at right angles there and back. */
final readonly class BendPart implements Command
{
    private function __construct(private PointRef $part, private float $from, private float $to, private float $by)
    {
    }

    public static function name(): string
    {
        return 'bend-part';
    }

    public static function from(Params $params): self
    {
        return new self(PointRef::read($params->word('part') ?? ''), $params->number('from') ?? 0.0, $params->number('to') ?? 0.0, $params->number('by') ?? 0.0);
    }

    public function needs(): Needs
    {
        return new Needs(also: [$this->part->item]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $path = EditedPath::of($draft, $this->part->item);
        $run = $path->run($this->part->run);
        $i = $this->part->point;
        if ($i >= $run->countParts() || ! $run->part($i)->isStraight) {
            throw Refusal::because('Only straight parts can be bent out of the way.', 'part');
        }
        $part = $run->part($i);
        $along = $part->to->minus($part->from);
        $length = hypot($along->x, $along->y);
        if ($this->from < 0.0 || $this->to <= $this->from || $this->to > $length + Length::SAME) {
            throw Refusal::because('From and to lie on the part, which is '.Length::text($length).' px long, and to comes after from.', 'to');
        }
        // As it is seen on the sheet, a path that is mirrored has its right on its left.
        $side = $path->toSheet()->flipped ? -$this->by : $this->by;
        $ahead = $along->times(1 / $length, 1 / $length);
        $aside = new Point(-$ahead->y * $side, $ahead->x * $side);
        $at = static fn (float $far): Point => $part->from->plus($ahead->times($far, $far));
        $bent = array_map(static fn (Point $p): PathPoint => new PathPoint(new Point(round($p->x, 6), round($p->y, 6))), array_filter([
            $this->from > Length::SAME ? $at($this->from) : null,
            $at($this->from)->plus($aside),
            $at($this->to)->plus($aside),
            $this->to < $length - Length::SAME ? $at($this->to) : null,
        ]));
        $points = $run->points;
        array_splice($points, $i + 1, 0, array_values($bent));
        $path->put($path->path()->with([$this->part->run => new Subpath(array_values($points), $run->closed)]));

        return new Report('Bent '.$path->said().' by '.Spoken::length(abs($this->by)).' for '.Spoken::length($this->to - $this->from), [$path->item->id], ['points' => []]);
    }
}
