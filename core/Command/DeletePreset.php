<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\DeletesKept;
use AllSquare\Core\Sheet\Preset;

/** Deletes kept settings for handing over. */
final readonly class DeletePreset implements Command
{
    use DeletesKept;

    public static function name(): string
    {
        return 'delete-preset';
    }

    /** @return class-string<Preset> */
    private static function sort(): string
    {
        return Preset::class;
    }
}
