<?php

declare(strict_types=1);

namespace AllSquare\Core\Settle;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** All that settles after a command, in the order in which one builds on the other. */
final class Settlers
{
    /** @var list<class-string<Settler>> */
    public const IN_ORDER = [SeriesNumbers::class, RunningParts::class, PinnedParts::class, GroupFrames::class, Dimensions::class, FollowingSlices::class];

    /** @throws Refusal when something cannot follow */
    public static function settle(Draft $draft): void
    {
        foreach (self::IN_ORDER as $settler) {
            (new $settler)->settle($draft);
        }
    }
}
