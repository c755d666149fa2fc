<?php

declare(strict_types=1);

namespace App\Models;

/** What became of an archive that was ordered. */
enum ArchiveState: string
{
    case Waiting = 'waiting';
    case Making = 'making';
    case Done = 'done';
    case Failed = 'failed';
    case Cancelled = 'cancelled';

    public function isOver(): bool
    {
        return $this !== self::Waiting && $this !== self::Making;
    }
}
