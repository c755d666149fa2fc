<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Repeats;
use AllSquare\Core\Running\RepeatsItems;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Series\RingLayout;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;

/** Puts the first item and copies on a circle of the sheet (RULES 7). Off the pixel, because a ring must be exact. */
final readonly class Ring implements Command, Repeatable, SelectsWhatItMade
{
    use RepeatsItems;

    public static function name(): string
    {
        return 'ring';
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $originals = Repeats::originals($draft, $selected);
        $every = $this->params->count('every') ?? 0;
        if ($every > 0 && count($originals) !== 2) {
            throw Refusal::because(sprintf('To put another item at places 0, %d, %d and so on, select two: the usual one behind the other in the stack.', $every, 2 * $every), 'every');
        }
        $figures = new Figures($draft);
        $layout = new RingLayout(
            (int) $this->params->count('count'),
            $figures->read($this->params->length('cx') ?? 0.0, Axis::X, 'cx'),
            $figures->read($this->params->length('cy') ?? 0.0, Axis::Y, 'cy'),
            $figures->size($this->params->length('radius') ?? 0.0, Axis::X, 'radius'),
            $this->params->number('start') ?? 0.0,
            $this->params->number('sweep') ?? 360.0,
            $this->params->word('facing') ?? 'upright',
            $every,
            array_map(static fn (string $id): float => $draft->item($id)->angle, $originals),
        );

        return $this->repeats->report($draft, $layout, $originals, $selected, 'Put %s on a ring');
    }
}
