<?php

declare(strict_types=1);

namespace AllSquare\Core\Guide;

use AllSquare\Core\Command\Figures;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** The guides of a sheet under work. Two at one place would be one, so there are never two. */
final readonly class Guides
{
    public const MOST = 200;

    public function __construct(private Draft $draft)
    {
    }

    /**
     * Those of axis x first, each axis from its start.
     *
     * @param  array<string, Guide>  $guides
     * @return list<Guide>
     */
    public static function inOrder(array $guides): array
    {
        usort($guides, static fn (Guide $a, Guide $b): int => [$a->axis->value, $a->at, $a->id] <=> [$b->axis->value, $b->at, $b->id]);

        return $guides;
    }

    /** @throws Refusal when there are too many, or one is there already */
    public function add(Axis $axis, float|string $at): Guide
    {
        if (count($this->draft->guides()) >= self::MOST) {
            throw Refusal::because('A sheet has 200 guides at most.');
        }

        return $this->put(new Guide($this->draft->nextId(), $axis, $this->read($axis, $at)));
    }

    /** @throws Refusal when another is there already */
    public function move(Guide $guide, float|string $at): Guide
    {
        return $this->put(new Guide($guide->id, $guide->axis, $this->read($guide->axis, $at)));
    }

    /** Px or a sum, counted from the zero as it is typed; px of the sheet as it is kept. */
    private function read(Axis $axis, float|string $at): float
    {
        $zero = $this->draft->sheet()->zero;

        return Length::settle((new Figures($this->draft))->read($at, $axis, 'at') + ($axis === Axis::X ? $zero->x : $zero->y));
    }

    private function put(Guide $guide): Guide
    {
        foreach ($this->draft->guides() as $other) {
            if ($other->id !== $guide->id && $other->axis === $guide->axis && Length::same($other->at, $guide->at)) {
                throw Refusal::because('There is a guide at '.$guide->axis->value.' '.Length::text($guide->at).' already.', 'at');
            }
        }
        $this->draft->putGuide($guide);

        return $guide;
    }
}
