<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\LookScale;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\SnapRequest;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Snap\Dragged;

/** Sizes items by one of their handles. */
final readonly class Resize implements ArrangesBoxes, Command, Repeatable
{
    public static function name(): string
    {
        return 'resize';
    }

    private function __construct(
        private NinePoint $handle,
        private float|string $dx,
        private float|string $dy,
        private bool $ratio,
        private bool $centre,
        private bool $scaleLooks,
        private ?SnapRequest $snap,
    ) {
    }

    public static function from(Params $params): self
    {
        return new self(
            $params->chosen('handle', NinePoint::class),
            $params->length('dx') ?? 0.0,
            $params->length('dy') ?? 0.0,
            $params->flag('ratio'),
            $params->flag('centre'),
            $params->flag('scale_looks'),
            SnapRequest::from($params->value('snap')),
        );
    }

    public function needs(): Needs
    {
        return $this->snap === null ? new Needs : $this->snap->needs();
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $mover = new Mover($draft);
        $figures = new Figures($draft);
        $dx = $figures->read($this->dx, Axis::X, 'dx');
        $dy = $figures->read($this->dy, Axis::Y, 'dy');
        $met = [];
        if ($this->snap !== null && $this->isUpright($mover, $selected->free)) {
            $box = $this->snap->block($draft, $selected->free);
            [$dx, $dy, $met] = $this->snap->snap($draft, $selected->free, Dragged::sized($box->box, $this->handle->value, $box->whole), $dx, $dy);
        }
        $only = count($selected->free) === 1 ? $selected->free[0] : null;
        $sizer = new Sizer($draft);
        if ($only !== null && ! $mover->boxes->standsUpright($only)) {
            $frame = $draft->item($only)->frame;
            $sized = $this->dragged(new Rect(0.0, 0.0, $frame->w, $frame->h), $dx, $dy, $draft->sheet()->wholePixels);
            $sizer->frame($only, $sized->w, $sized->h, $this->held());
            [$was, $is] = [$frame, $draft->item($only)->frame];
        } else {
            $was = Rect::unionOf(array_map($mover->box(...), $selected->free)) ?? $draft->sheet()->box();
            $target = $this->dragged($was, $dx, $dy, $draft->sheet()->wholePixels);
            foreach ($selected->free as $id) {
                $only === null ? $sizer->scale($id, $was, $target) : $sizer->toBounds($id, $target);
            }
            $is = Rect::unionOf(array_map($mover->box(...), $selected->free)) ?? $target;
        }
        if ($this->scaleLooks) {
            $this->scaleLooks($draft, $selected->free, $was, $is);
        }

        return new Report(
            sprintf('Sized %s to %s × %s (was %s × %s)%s', Words::of($draft, $selected->free), Spoken::length($is->w), Spoken::length($is->h), Spoken::length($was->w), Spoken::length($was->h), $selected->note()),
            $selected->ids,
            ($this->snap === null ? [] : ['lines' => $met]) + $selected->leftOut(),
        );
    }

    /**
     * What is turned is sized along its own axes, which no line of the sheet follows; with proportions kept or about the
     * centre, both edges move, and neither is held to a line.
     *
     * @param  list<string>  $ids
     */
    private function isUpright(Mover $mover, array $ids): bool
    {
        return ! $this->ratio && ! $this->centre && array_filter($ids, static fn (string $id): bool => ! $mover->boxes->standsUpright($id)) === [];
    }

    /**
     * By the mean of both factors, a side of 0 counting as not scaled.
     *
     * @param  list<string>  $ids
     */
    private function scaleLooks(Draft $draft, array $ids, Rect $was, Rect $is): void
    {
        $factor = sqrt(($was->w > 0 ? $is->w / $was->w : 1.0) * ($was->h > 0 ? $is->h / $was->h : 1.0));
        foreach ($factor > 0 ? $ids : [] as $id) {
            (new LookScale($draft))->apply($id, $factor);
        }
    }

    /** The box after its handle was dragged; dragged past the other side, it turns over. */
    private function dragged(Rect $box, float $dx, float $dy, bool $whole): Rect
    {
        [$x, $w] = $this->side($box->x, $box->w, $dx, $this->handle->across());
        [$y, $h] = $this->side($box->y, $box->h, $dy, $this->handle->down());
        if ($this->ratio && $box->w > 0 && $box->h > 0) {
            [$x, $y, $w, $h] = $this->inProportion($box, $w, $h);
        }
        [$left, $width] = self::turnedOver($x, $w, $box->x, $box->w, $whole);
        [$top, $height] = self::turnedOver($y, $h, $box->y, $box->h, $whole);

        return new Rect($left, $top, $width, $height);
    }

    /** @return array{float, float} start and signed size */
    private function side(float $start, float $size, float $by, float $along): array
    {
        $grow = match (true) {
            $along === 0.0 => -$by,
            $along === 1.0 => $by,
            default => 0.0,
        };
        if ($this->centre) {
            return [$start - $grow, $size + 2 * $grow];
        }

        return [$along === 0.0 ? $start - $grow : $start, $size + $grow];
    }

    /** @return array{float, float, float, float} x, y, w, h at the larger of the two changes */
    private function inProportion(Rect $box, float $w, float $h): array
    {
        [$across, $down] = [$w / $box->w, $h / $box->h];
        $factor = abs($across - 1) >= abs($down - 1) ? $across : $down;
        $held = $this->held();
        $point = $box->at($held);

        return [
            $point->x - $box->w * $factor * $held->across(),
            $point->y - $box->h * $factor * $held->down(),
            $box->w * $factor,
            $box->h * $factor,
        ];
    }

    /** The point that stays: the one across from the handle, or the centre. */
    private function held(): NinePoint
    {
        if ($this->centre) {
            return NinePoint::Centre;
        }
        foreach (NinePoint::cases() as $point) {
            if ($point->across() === 1 - $this->handle->across() && $point->down() === 1 - $this->handle->down()) {
                return $point;
            }
        }

        return NinePoint::Centre;
    }

    /**
     * A side with its size 0 or more; one that was dragged is brought to whole pixels.
     *
     * @return array{float, float} start and size
     */
    private static function turnedOver(float $start, float $size, float $was, float $wasSize, bool $whole): array
    {
        [$start, $size] = [min($start, $start + $size), abs($size)];
        if (! $whole || (Length::same($start, $was) && Length::same($size, $wasSize))) {
            return [$start, $size];
        }

        return [Length::whole($start), Length::whole($size)];
    }
}
