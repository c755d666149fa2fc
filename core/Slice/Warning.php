<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

/** Something about a slice that its maker should know before it is handed over. */
final readonly class Warning
{
    public const OFF_PIXEL = 'off-pixel';

    public const FRACTION = 'fraction';

    /** As a fraction, but no other place or size of the slice would mend it. */
    public const ROUNDED = 'rounded';

    public const RENAMED = 'renamed';

    public const EMPTY = 'empty';

    public const NOT_CLEAR = 'not-clear';

    public const OUTSIDE = 'outside';

    public const TOO_LARGE = 'too-large';

    /** A picture is painted larger than it is. */
    public const COARSE = 'coarse';

    /** @param  string  $kind  one of the constants */
    public function __construct(public string $slice, public string $kind, public string $text)
    {
    }
}
