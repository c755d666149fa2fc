<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Text\Reading\FontCompiler;
use App\Icons\IconSet;
use Illuminate\Console\Command;

final class CompileCommand extends Command
{
    protected $signature = 'allsquare:compile';

    protected $description = 'Compile the shipped fonts and icons into files that load at once';

    public function handle(FontCompiler $compiler, IconSet $icons): int
    {
        $keys = $compiler->compile(resource_path('fonts'), config('allsquare.compiled').'/fonts');
        $this->line(sprintf('Compiled %d fonts and %d icons.', count($keys), $icons->compile(base_path('node_modules/lucide-static'))));

        return self::SUCCESS;
    }
}
