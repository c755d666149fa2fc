<?php

declare(strict_types=1);

namespace App\Console;

use App\Archives\Archives;
use Illuminate\Console\Command;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Event;

/** The worker that bin/start runs: one for each data folder. */
final class WorkCommand extends Command
{
    protected $signature = 'allsquare:work {--once : what is there now, then end} {--for= : id of the process that it works for: when that is gone, it ends}';

    protected $description = 'Make the archives that were ordered, one after the other';

    public function handle(): int
    {
        $lock = fopen(storage_path('worker.lock'), 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            $this->error('The data folder cannot be written.');

            return self::FAILURE;
        }
        Archives::recover();
        $master = (int) $this->option('for');
        Event::listen(Looping::class, static function () use ($master): void {
            // What PHP knows of a folder it keeps.
            clearstatcache();
            if ($master > 0 && ! is_dir("/proc/$master") && is_dir('/proc/self')) {
                exit(self::SUCCESS);
            }
        });

        return $this->call('queue:work', ['--sleep' => 0.25, '--memory' => 768, ...($this->option('once') ? ['--stop-when-empty' => true] : [])]);
    }
}
