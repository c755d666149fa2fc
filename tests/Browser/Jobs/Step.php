<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** A step of a job, in words, and what it cost. */
final class Step
{
    /** clicks, drags, and keys that are a command, alone or held together */
    public int $presses = 0;

    /** letters, figures, Tab and Enter typed into fields and texts */
    public int $typed = 0;

    public function __construct(public readonly string $words)
    {
    }
}
