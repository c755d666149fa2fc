<?php

declare(strict_types=1);

namespace App\Running;

use RuntimeException;

/** Ends the transaction of a command that changed nothing, so that the revision stays and nothing is dropped. */
final class NothingChanged extends RuntimeException
{
    /** @param  array<string, mixed>  $answer */
    public function __construct(public readonly array $answer)
    {
        parent::__construct('Nothing changed.');
    }
}
