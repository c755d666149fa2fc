<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Sheet;
use App\Sheets\Deriver;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class RebuildCommand extends Command
{
    protected $signature = 'allsquare:rebuild';

    protected $description = 'Compute everything again that follows from the items: bounds, ink and paintings';

    public function handle(Deriver $deriver): int
    {
        foreach (Sheet::query()->orderBy('id')->lazyById(50) as $sheet) {
            $count = DB::transaction(static fn (): int => $deriver->rebuild($sheet->id));
            $this->line("$sheet->name: $count items");
        }

        return self::SUCCESS;
    }
}
