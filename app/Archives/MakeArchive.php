<?php

declare(strict_types=1);

namespace App\Archives;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Makes an archive that was ordered, in the queue. */
final class MakeArchive implements ShouldQueue
{
    use InteractsWithQueue;
    use Queueable;

    /** A worker that is killed each time would else be killed for ever. */
    public int $tries = 3;

    public int $timeout = 3_600;

    public function __construct(public readonly string $archive)
    {
    }

    public function handle(ArchiveRun $run): void
    {
        $run->of($this->archive);
    }

    public function failed(?Throwable $error): void
    {
        Archives::fail($this->archive, 'Making it was cut short 3 times. Try again, or hand over less at a time.');
    }
}
