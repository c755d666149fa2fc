<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

use RuntimeException;

/** A font file that cannot be used. The message says why, as a sentence. */
final class UnreadableFont extends RuntimeException
{
}
