<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Axis;
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
use AllSquare\Core\Sheet\Figures;

/** Gives parts of paths a length and an angle as they are seen on the sheet: level, upright, parallel to another, or by number. */
final readonly class SetPart implements Command
{
    /** @param  list<string>  $parts */
    private function __construct(private array $parts, private ?float $angle, private float|string|null $length, private ?string $to, private ?string $parallel, private string $held)
    {
    }

    public static function name(): string
    {
        return 'set-part';
    }

    public static function from(Params $params): self
    {
        return new self(array_values(array_unique($params->words('parts'))), $params->number('angle'), $params->length('length'), $params->word('to'), $params->word('parallel'), $params->word('held') ?? 'start');
    }

    public function needs(): Needs
    {
        return new Needs(also: PointRef::items([...$this->parts, ...$this->parallel === null ? [] : [$this->parallel]]));
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->angle === null && $this->length === null && $this->to === null && $this->parallel === null) {
            throw Refusal::because('Say how long the part is to be, or at what angle.', 'params');
        }
        $length = $this->length === null ? null : (new Figures($draft))->size($this->length, Axis::X, 'length');
        $direction = $this->parallel === null ? null : $this->direction($draft, PointRef::read($this->parallel));
        foreach ($this->parts as $part) {
            $this->set($draft, PointRef::read($part), $direction, $length);
        }
        $count = count($this->parts);
        $what = ($count === 1 ? '1 part' : "$count parts").' of '.EditedPath::of($draft, PointRef::read($this->parts[0])->item)->said();
        $how = array_filter([
            $this->to === null ? null : ($this->to === 'level' ? 'level' : 'upright'),
            $this->parallel === null ? null : 'parallel',
            $this->angle === null ? null : Length::text($this->angle).'°',
            $length === null ? null : Spoken::length($length).' long',
        ]);

        return new Report("Made $what ".implode(', ', $how), PointRef::items($this->parts), ['parts' => $this->parts]);
    }

    private function set(Draft $draft, PointRef $ref, ?float $direction, ?float $given): void
    {
        $path = EditedPath::of($draft, $ref->item);
        [$run, $i, $j] = $this->ends($path, $ref);
        $toSheet = $path->toSheet();
        [$from, $to] = [$toSheet->apply($run->points[$i]->at), $toSheet->apply($run->points[$j]->at)];
        $along = $to->minus($from);
        $now = rad2deg(atan2($along->y, $along->x));
        $angle = match (true) {
            $this->angle !== null => $this->angle,
            $this->to === 'level' => self::nearest($now, 0.0),
            $this->to === 'upright' => self::nearest($now, 90.0),
            $direction !== null => self::nearest($now, $direction),
            default => $now,
        };
        // Levelled and set upright, a part keeps how far it goes that way, so that what is joined to its other side stays.
        $length = $given ?? match ($this->to) {
            'level' => abs($along->x),
            'upright' => abs($along->y),
            default => hypot($along->x, $along->y),
        };
        if ($length < Length::SAME) {
            $length = hypot($along->x, $along->y);
        }
        $by = new Point(Angle::cos($angle) * $length, Angle::sin($angle) * $length);
        [$newFrom, $newTo] = match ($this->held) {
            'end' => [$to->minus($by), $to],
            'middle' => [$from->plus($to)->minus($by)->times(0.5, 0.5), $from->plus($to)->plus($by)->times(0.5, 0.5)],
            default => [$from, $from->plus($by)],
        };
        $back = $toSheet->inverse();
        $place = static function (PathPoint $point, Point $is) use ($back): PathPoint {
            $at = $back->apply($is);

            return $point->moved(new Point(round($at->x, 6) - $point->at->x, round($at->y, 6) - $point->at->y));
        };
        $path->put($path->path()->with([$ref->run => $run->with([$i => $place($run->points[$i], $newFrom), $j => $place($run->points[$j], $newTo)])]));
    }

    /** @return array{Subpath, int, int} the run, and the points between which the part lies */
    private function ends(EditedPath $path, PointRef $ref): array
    {
        $run = $path->run($ref->run);
        if ($ref->point >= $run->countParts()) {
            throw Refusal::because($path->said().' has no such part any more.', 'parts');
        }
        if (! $run->part($ref->point)->isStraight) {
            throw Refusal::because('That part of '.$path->said().' is a curve: only straight parts have an angle.', 'parts');
        }

        return [$run, $ref->point, ($ref->point + 1) % count($run->points)];
    }

    private function direction(Draft $draft, PointRef $ref): float
    {
        $path = EditedPath::of($draft, $ref->item);
        [$run, $i, $j] = $this->ends($path, $ref);
        $along = $path->toSheet()->applyToDistance($run->points[$j]->at->minus($run->points[$i]->at));

        return rad2deg(atan2($along->y, $along->x));
    }

    /** The angle, or its opposite, whichever lies nearer to where it points now. */
    private static function nearest(float $now, float $angle): float
    {
        return abs(Angle::keep($now - $angle)) <= 90.0 ? $angle : $angle + 180.0;
    }
}
