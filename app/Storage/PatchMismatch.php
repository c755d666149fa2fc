<?php

declare(strict_types=1);

namespace App\Storage;

use RuntimeException;

/** What a line of the history would put back is no longer as it left it. */
final class PatchMismatch extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('This cannot be taken back: what it changed has been changed by something that is not in the history.');
    }
}
