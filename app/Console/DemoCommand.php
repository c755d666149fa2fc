<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\Demo;
use App\Models\Document;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

final class DemoCommand extends Command
{
    protected $signature = 'allsquare:demo {--again : also when it has been loaded before}';

    protected $description = 'Load the demo documents, once: when they were deleted they stay deleted';

    public function handle(Demo $demo): int
    {
        $mark = storage_path('demo-loaded');
        if (is_file($mark) && ! $this->option('again')) {
            return self::SUCCESS;
        }
        $documents = $demo->load();
        File::ensureDirectoryExists(dirname($mark));
        File::put($mark, implode("\n", array_map(static fn (Document $document): string => $document->id, $documents))."\n");
        foreach ($documents as $document) {
            $this->line("Loaded \"$document->name\".");
        }

        return self::SUCCESS;
    }
}
