<?php

declare(strict_types=1);

namespace App\Export;

/** Files that were made earlier and are still there. */
interface MadeEarlier
{
    /**
     * Puts the file that was made from the same thing at that path.
     *
     * @return bool whether there was one
     */
    public function take(string $fingerprint, string $to): bool;
}
