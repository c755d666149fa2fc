<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

/** What becomes of shapes that are combined (RULES 15). */
enum How: string
{
    /** all that any of them covers */
    case Join = 'join';

    /** the first without what the others cover */
    case Cut = 'cut';

    /** what all of them cover */
    case Overlap = 'overlap';

    /** what an odd number of them cover */
    case Difference = 'difference';

    /** @param  list<bool>  $covered  by which of the shapes a place is covered, in their order */
    public function includes(array $covered): bool
    {
        $count = count(array_filter($covered));

        return match ($this) {
            self::Join => $count > 0,
            self::Cut => $covered[0] && $count === 1,
            self::Overlap => $count === count($covered),
            self::Difference => $count % 2 === 1,
        };
    }
}
