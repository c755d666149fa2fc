<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Sheet\Draft;

/** Places on a circle (RULES 7): from a start (0 is up) over a sweep, all round at 360 or more. Off the pixel, because it must be exact. */
final readonly class RingLayout implements Layout
{
    /**
     * @param  float  $cx  the centre, px
     * @param  float  $start  degrees clockwise from up
     * @param  float  $sweep  degrees, negative for counter-clockwise
     * @param  string  $facing  upright, outward or inward
     * @param  int  $every  with k, places 0, k, 2k take the second original; 0 for none
     * @param  list<float>  $angles  of the originals before they were put on the ring, degrees
     */
    public function __construct(
        private int $count,
        private float $cx,
        private float $cy,
        private float $radius,
        private float $start,
        private float $sweep,
        private string $facing,
        private int $every,
        private array $angles,
    ) {
    }

    public static function word(): string
    {
        return 'ring';
    }

    public static function fromArray(array $stored): self
    {
        $fields = new LayoutNumbers($stored);

        return new self(
            $fields->count('count'), $fields->number('cx'), $fields->number('cy'), $fields->number('radius'),
            $fields->number('start'), $fields->number('sweep', 360.0), $fields->word('facing', 'upright'), $fields->count('every', 0), $fields->numbers('angles'),
        );
    }

    public function toArray(): array
    {
        return [
            'kind' => self::word(), 'count' => $this->count, 'cx' => $this->cx, 'cy' => $this->cy, 'radius' => $this->radius,
            'start' => $this->start, 'sweep' => $this->sweep, 'facing' => $this->facing, 'every' => $this->every, 'angles' => $this->angles,
        ];
    }

    public function count(): int
    {
        return $this->count;
    }

    public function originalAt(int $place): int
    {
        $originals = max(1, count($this->angles));
        if ($this->every > 0 && $originals > 1) {
            return $place % $this->every === 0 ? 1 : 0;
        }

        return $place % $originals;
    }

    public function lay(Draft $draft, Mover $mover, array $members): void
    {
        foreach ($members as $i => $id) {
            $at = $this->angleAt($i);
            $facing = match ($this->facing) {
                'outward' => $at,
                'inward' => $at + 180.0,
                default => 0.0,
            };
            $draft->put($draft->item($id)->turnedTo(($this->angles[$this->originalAt($i)] ?? 0.0) + $facing));
            $centre = (new Point(0.0, -$this->radius))->turned($at)->plus(new Point($this->cx, $this->cy));
            $mover->home($id);
            $now = $mover->box($id)->centre();
            $mover->shift($id, $centre->x - $now->x, $centre->y - $now->y);
        }
    }

    public function edited(array $changes, Rect $box): self
    {
        LayoutNumbers::refuseOthers($changes, ['count', 'cx', 'cy', 'radius', 'start', 'sweep', 'facing', 'every'], 'A ring');

        return self::fromArray([...$this->toArray(), ...$changes]);
    }

    /** A ring that is scaled unevenly is no circle any more. */
    public function scaled(float $across, float $down, Point $about): ?self
    {
        if (abs($across - $down) > 1e-6) {
            return null;
        }

        return new self(
            $this->count, Length::round($about->x + ($this->cx - $about->x) * $across), Length::round($about->y + ($this->cy - $about->y) * $across),
            Length::round($this->radius * $across), $this->start, $this->sweep, $this->facing, $this->every, $this->angles,
        );
    }

    public function words(bool $whole = false): string
    {
        $over = abs($this->sweep) >= 360 ? 'all round' : 'over '.Length::text($this->sweep).'°';

        return "$this->count places $over, radius ".Spoken::length($this->radius);
    }

    /** Degrees clockwise from up. */
    private function angleAt(int $place): float
    {
        $steps = abs($this->sweep) >= 360 ? $this->count : max(1, $this->count - 1);

        return $this->start + $place * (abs($this->sweep) >= 360 ? 360.0 * ($this->sweep <=> 0.0) : $this->sweep) / $steps;
    }
}
