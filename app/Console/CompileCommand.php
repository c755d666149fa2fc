<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Text\Reading\FontCompiler;
use Illuminate\Console\Command;

final class CompileCommand extends Command
{
    protected $signature = 'allsquare:compile';

    protected $description = 'Compile the shipped fonts into files that load at once';

    public function handle(FontCompiler $compiler): int
    {
        $keys = $compiler->compile(resource_path('fonts'), config('allsquare.compiled').'/fonts');
        $this->line('Compiled '.count($keys).' fonts.');

        return self::SUCCESS;
    }
}
