<?php

declare(strict_types=1);

namespace App\Console;

use App\Pictures\Mentions;
use App\Pictures\PictureStore;
use App\Storage\Patch;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Deletes pictures that nothing shows and nothing can bring back. */
final class TidyCommand extends Command
{
    protected $signature = 'allsquare:tidy {--hours=24 : how long a picture that nothing shows is kept after it was brought along} {--dry : only say what would go}';

    protected $description = 'Delete pictures that no sheet shows and no line of the history can bring back';

    public function handle(PictureStore $pictures): int
    {
        $shown = $this->shown();
        $before = Carbon::now()->subHours(max(0, (int) $this->option('hours')));
        $gone = $bytes = 0;
        foreach ($pictures->all() as $one) {
            if (! isset($shown[$one->picture]) && ! Carbon::parse($one->kept_at)->isAfter($before)) {
                $this->option('dry') || $pictures->forget($one->picture);
                $gone++;
                $bytes += (int) $one->bytes;
            }
        }
        $this->line(sprintf('%s %d of %d pictures, %s MB.', $this->option('dry') ? 'Would delete' : 'Deleted', $gone, $gone + count($pictures->all()) - ($this->option('dry') ? $gone : 0), number_format($bytes / 1e6, 1)));

        return self::SUCCESS;
    }

    /** @return array<string, true> by key: what items and kits show, and what a line of the history could let them show again */
    private function shown(): array
    {
        $shown = [];
        foreach (DB::table('items')->where('props', 'like', '%"picture"%')->select('props')->cursor() as $row) {
            $shown += array_fill_keys(Mentions::in($row->props), true);
        }
        foreach (DB::table('kits')->select('items')->cursor() as $row) {
            $shown += array_fill_keys(Mentions::in($row->items), true);
        }
        foreach (DB::table('history')->select('patch')->cursor() as $line) {
            $shown += array_fill_keys(Mentions::in((string) json_encode(Patch::unpack($line->patch)->rows)), true);
        }

        return $shown;
    }
}
