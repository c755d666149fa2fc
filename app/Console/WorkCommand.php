<?php

declare(strict_types=1);

namespace App\Console;

use App\Archives\Archives;
use Illuminate\Console\Command;

/** The worker that bin/start runs: one for each data folder. */
final class WorkCommand extends Command
{
    protected $signature = 'allsquare:work {--once : what is there now, then end}';

    protected $description = 'Make the archives that were ordered, one after the other';

    public function handle(): int
    {
        $lock = fopen(storage_path('worker.lock'), 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            $this->error('The data folder cannot be written.');

            return self::FAILURE;
        }
        Archives::recover();

        return $this->call('queue:work', ['--sleep' => 0.25, '--memory' => 768, ...($this->option('once') ? ['--stop-when-empty' => true] : [])]);
    }
}
