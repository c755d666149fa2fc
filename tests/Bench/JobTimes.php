<?php

declare(strict_types=1);

namespace Tests\Bench;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The jobs of docs/JOBS.md done once in the browser: of each, the slowest press, until what it changed on the sheet is painted. */
final readonly class JobTimes
{
    /** milliseconds from press to paint */
    private const MOST = 100.0;

    private const KINDS = ['acting' => 'on a sheet', 'opening' => 'opening a sheet', 'fetching' => 'fetching a picture of the library'];

    public function __construct(private Figures $figures)
    {
    }

    public function print(): void
    {
        $times = (string) tempnam(sys_get_temp_dir(), 'allsquare-jobs-');
        try {
            $run = new Process(['vendor/bin/phpunit', 'tests/Browser/Jobs'], dirname(__DIR__, 2), ['ALLSQUARE_JOB_TIMES' => $times], timeout: null);
            if ($run->run() !== 0) {
                throw new RuntimeException("The jobs do not get done:\n".$run->getOutput());
            }
            $jobs = array_map(static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR), file($times, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []);
        } finally {
            unlink($times);
        }
        usort($jobs, static fn (array $a, array $b): int => $a['job'] <=> $b['job']);
        foreach ($jobs as ['job' => $job, 'title' => $title, 'slowest' => $slowest]) {
            foreach (self::KINDS as $kind => $words) {
                if (isset($slowest[$kind])) {
                    [$milliseconds, $press] = $slowest[$kind];
                    echo "job $job, $title, $words: $press: ";
                    $this->figures->atMost(self::MOST, $milliseconds, 'ms from press to paint');
                }
            }
        }
    }
}
