<?php

declare(strict_types=1);

namespace App\Contract;

use RuntimeException;

/** A request that does not follow its schema. */
final class InvalidRequest extends RuntimeException
{
    /** @param  array<string, list<string>>  $errors sentences by field */
    public function __construct(public readonly array $errors)
    {
        parent::__construct(array_values($errors)[0][0] ?? 'The request cannot be read.');
    }
}
