<?php

declare(strict_types=1);

namespace App\Sheets;

use RuntimeException;

/** The sheet has changed since whoever asked last saw it. */
final class StaleRevision extends RuntimeException
{
    public function __construct(public readonly int $current)
    {
        parent::__construct('This sheet was changed from elsewhere in the meantime. It is shown as it is now; do it again if it is still wanted.');
    }
}
