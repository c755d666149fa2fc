<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Arrange\Turner;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Steps of a constant offset, turn and inset from the originals, which stay (RULES 7). */
final readonly class StepLayout implements Layout
{
    /**
     * @param  int  $steps  copies of each original
     * @param  float  $dx  px from one step to the next; a part of the whole way where an extent was kept
     * @param  float  $angle  degrees clockwise from one step to the next
     * @param  float  $inset  px that each side goes further in with each step
     */
    public function __construct(
        private int $steps,
        private float $dx,
        private float $dy,
        private float $angle,
        private float $inset,
        private int $originals,
    ) {
    }

    public static function word(): string
    {
        return 'steps';
    }

    public static function fromArray(array $stored): self
    {
        $fields = new LayoutNumbers($stored);
        $originals = max(1, $fields->count('originals'));

        return new self(intdiv(max($originals, $fields->count('count')) + $originals - 1, $originals) - 1, $fields->number('dx'), $fields->number('dy'), $fields->number('angle'), $fields->number('inset'), $originals);
    }

    public function toArray(): array
    {
        return ['kind' => self::word(), 'count' => $this->count(), 'dx' => $this->dx, 'dy' => $this->dy, 'angle' => $this->angle, 'inset' => $this->inset, 'originals' => $this->originals];
    }

    public function count(): int
    {
        return ($this->steps + 1) * $this->originals;
    }

    public function originalAt(int $place): int
    {
        return $place % $this->originals;
    }

    public function lay(Draft $draft, Mover $mover, array $members): void
    {
        $sizer = new Sizer($draft);
        $turner = new Turner($draft);
        foreach ($members as $i => $id) {
            $step = intdiv($i, $this->originals);
            $original = $members[$this->originalAt($i)];
            if ($step === 0) {
                continue;
            }
            $model = $draft->item($original);
            $in = 2 * $step * $this->inset;
            if ($in !== 0.0 || ! Length::same($draft->item($id)->frame->w, $model->frame->w) || ! Length::same($draft->item($id)->frame->h, $model->frame->h)) {
                [$w, $h] = [$model->frame->w - $in, $model->isFlat() ? 0.0 : $model->frame->h - $in];
                if ($w < Length::SAME || ($h < Length::SAME && $model->frame->h >= Length::SAME)) {
                    throw Refusal::because(sprintf('With an inset of %s, %s.', Spoken::length($this->inset), match ($step) {
                        1 => 'nothing is left of the first copy',
                        2 => 'only one copy has anything left',
                        default => 'only '.($step - 1).' copies have anything left',
                    }), 'inset');
                }
                $sizer->frame($id, $w, $h, NinePoint::Centre);
            }
            $turner->turn($id, $model->angle + $step * $this->angle - $draft->item($id)->angle, $mover->box($id)->centre());
            $mover->home($id);
            $this->put($mover, $id, $mover->box($original), $step);
        }
    }

    public function edited(array $changes, Rect $box): self
    {
        LayoutNumbers::refuseOthers($changes, ['count', 'dx', 'dy', 'angle', 'inset', 'extent'], 'A row of steps');
        $edited = self::fromArray([...$this->toArray(), ...$changes]);
        if (isset($changes['extent']) && $edited->steps > 0) {
            $kept = static fn (float $way): float => round($way, 6);

            return new self($edited->steps, $kept($this->dx * $this->steps / $edited->steps), $kept($this->dy * $this->steps / $edited->steps), $edited->angle, $edited->inset, $edited->originals);
        }

        return $edited;
    }

    /** An inset is the same on all sides, and does not scale unevenly. */
    public function scaled(float $across, float $down, Point $about): ?self
    {
        if (($this->inset !== 0.0 || $this->angle !== 0.0) && abs($across - $down) > 1e-6) {
            return null;
        }

        return new self($this->steps, round($this->dx * $across, 6), round($this->dy * $down, 6), $this->angle, round($this->inset * $across, 6), $this->originals);
    }

    public function words(bool $whole = false): string
    {
        $said = array_filter([
            $this->dx === 0.0 ? '' : $this->step($this->dx, $whole).' across',
            $this->dy === 0.0 ? '' : $this->step($this->dy, $whole).' down',
            $this->angle === 0.0 ? '' : Length::text($this->angle).'°',
            $this->inset === 0.0 ? '' : 'inset by '.Spoken::length($this->inset),
        ]);

        return $this->count().' in all'.($said === [] ? '' : ', '.implode(', ', $said).' from one to the next');
    }

    /** Of a step with a fraction, on whole pixels, those that it really comes to, and from first to last the ways that would divide. */
    private function step(float $by, bool $whole): string
    {
        if (! $whole || Length::isWhole($by) || $this->steps < 1) {
            return Spoken::length($by);
        }

        return sprintf('%s and %s (%s or %s from first to last would divide)', Spoken::length(floor($by)), Spoken::length(ceil($by)), Spoken::length(floor($by) * $this->steps), Spoken::length(ceil($by) * $this->steps));
    }

    private function put(Mover $mover, string $id, Rect $from, int $step): void
    {
        $box = $mover->box($id);
        $dx = $from->centre()->x + $step * $this->dx - $box->centre()->x;
        $dy = $from->centre()->y + $step * $this->dy - $box->centre()->y;
        $mover->shift($id, $mover->landing($id, Axis::X, $box->x + $dx) - $box->x, $mover->landing($id, Axis::Y, $box->y + $dy) - $box->y);
    }
}
