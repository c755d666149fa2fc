<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/**
 * A kind whose foremost thing masks the others: it is not painted itself, what is seen of the others is what lies in it, and the whole is
 * as large as it.
 */
interface MasksOthers extends CutsOff, FramedByItems, HoldsItems
{
}
