<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\MerrowSound;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

final class DemoCommand extends Command
{
    protected $signature = 'allsquare:demo {--again : also when it has been loaded before}';

    protected $description = 'Load the demo document, once: when it was deleted it stays deleted';

    public function handle(MerrowSound $demo): int
    {
        $mark = storage_path('demo-loaded');
        if (is_file($mark) && ! $this->option('again')) {
            return self::SUCCESS;
        }
        $document = $demo->load();
        File::ensureDirectoryExists(dirname($mark));
        File::put($mark, $document->id."\n");
        $this->line("Loaded \"$document->name\".");

        return self::SUCCESS;
    }
}
