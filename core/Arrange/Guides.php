<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Guide;

/** The guides of a sheet under work. Two at one place would be one, so there are never two. */
final readonly class Guides
{
    public const MOST = 200;

    public function __construct(private Draft $draft)
    {
    }

    /** @throws Refusal when there are too many, or one is there already */
    public function add(Axis $axis, float|string $at): Guide
    {
        if (count($this->draft->of(Guide::class)->all()) >= self::MOST) {
            throw Refusal::because('A sheet has 200 guides at most.');
        }

        return $this->put(new Guide($this->draft->nextId(), $axis, $this->read($axis, $at)));
    }

    /** @throws Refusal when another is there already, or the guide is locked */
    public function move(Guide $guide, float|string $at): Guide
    {
        self::mustBeFree($guide);

        return $this->put(new Guide($guide->id, $guide->axis, $this->read($guide->axis, $at)));
    }

    /** @throws Refusal when it is locked */
    public static function mustBeFree(Guide $guide): void
    {
        if ($guide->locked) {
            throw Refusal::because(ucfirst($guide->words()).' is locked. Unlock it first.', 'guide');
        }
    }

    /** @param  string|null  $except  id of one that does not count */
    public function isThere(Axis $axis, float $at, ?string $except = null): bool
    {
        foreach ($this->draft->of(Guide::class)->all() as $guide) {
            if ($guide->id !== $except && $guide->axis === $axis && Length::same($guide->at, $at)) {
                return true;
            }
        }

        return false;
    }

    /** Px or a sum, counted from the zero as it is typed; px of the sheet as it is kept. */
    private function read(Axis $axis, float|string $at): float
    {
        $zero = $this->draft->sheet()->zero;

        $figures = new Figures($this->draft);

        return $figures->read($figures->read($at, $axis, 'at') + ($axis === Axis::X ? $zero->x : $zero->y), $axis, 'at');
    }

    private function put(Guide $guide): Guide
    {
        if ($this->isThere($guide->axis, $guide->at, except: $guide->id)) {
            throw Refusal::because('There is a guide at '.$guide->axis->value.' '.Spoken::length($guide->at).' already.', 'at');
        }
        $this->draft->of(Guide::class)->put($guide);

        return $guide;
    }
}
