<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Item;
use Illuminate\Console\Command;

final class MigrateCommand extends Command
{
    protected $signature = 'allsquare:migrate';

    protected $description = 'Bring the database of documents and that of the queue up to date';

    public function handle(): int
    {
        $failed = max(
            $this->call('migrate', ['--force' => true]),
            $this->call('migrate', ['--force' => true, '--database' => 'queue', '--path' => 'database/migrations/queue']),
        );

        // A migration that adds what follows from the items leaves it unknown.
        return $failed === self::SUCCESS && Item::query()->whereNull('paints')->exists() ? $this->call('allsquare:rebuild') : $failed;
    }
}
