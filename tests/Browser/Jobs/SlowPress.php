<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** The press whose change of the sheet was painted last. */
final readonly class SlowPress
{
    public function __construct(public float $milliseconds, public string $what)
    {
    }
}
