<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

final class MigrateCommand extends Command
{
    protected $signature = 'allsquare:migrate';

    protected $description = 'Bring the database of documents and that of the queue up to date';

    public function handle(): int
    {
        return max(
            $this->call('migrate', ['--force' => true]),
            $this->call('migrate', ['--force' => true, '--database' => 'queue', '--path' => 'database/migrations/queue']),
        );
    }
}
