<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;

/** Removes all guides, or all of one direction; locked ones stay. */
final readonly class RemoveGuides implements Command
{
    private function __construct(private ?Axis $axis)
    {
    }

    public static function name(): string
    {
        return 'remove-guides';
    }

    public static function from(Params $params): self
    {
        return new self($params->choice('axis', Axis::class));
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $removed = $stayed = 0;
        foreach ($draft->of(Guide::class)->all() as $guide) {
            if ($this->axis !== null && $guide->axis !== $this->axis) {
                continue;
            }
            if ($guide->locked) {
                $stayed++;
            } else {
                $draft->of(Guide::class)->remove($guide->id);
                $removed++;
            }
        }

        return new Report('Removed '.($removed === 1 ? '1 guide' : "$removed guides").($stayed === 0 ? '' : "; $stayed locked stayed"), $items);
    }
}
