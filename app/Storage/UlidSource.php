<?php

declare(strict_types=1);

namespace App\Storage;

use AllSquare\Core\Sheet\Ids;
use Symfony\Component\Uid\Ulid;

final class UlidSource implements Ids
{
    public function next(): string
    {
        return strtolower((string) new Ulid);
    }
}
