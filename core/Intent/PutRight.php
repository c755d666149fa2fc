<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Sheet\Draft;

/** Puts things where they were meant to lie, and in the size that they were meant to have. */
final readonly class PutRight
{
    public function __construct(private Draft $draft, private Mover $mover)
    {
    }

    /**
     * @param  array<string, mixed>|null  $only  by id, those that may be touched; null for all
     * @return array<string, true> by id, what was moved or sized
     */
    public function put(Meant $meant, ?array $only = null): array
    {
        $touched = [];
        foreach ($meant->changes() as $i) {
            [$one, $box] = [$meant->placed[$i], $meant->boxes[$i]];
            if ($only !== null && ! isset($only[$one->id])) {
                continue;
            }
            if ($one->box->w !== $box->w || $one->box->h !== $box->h) {
                (new Sizer($this->draft))->scale($one->id, $one->box, $box);
            }
            $now = $this->mover->box($one->id);
            foreach (Axis::cases() as $axis) {
                $this->mover->shiftAlong($one->id, $axis, $axis->lead($box) - $axis->lead($now));
            }
            $touched[$one->id] = true;
        }

        return $touched;
    }
}
