<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Compare\Comparison;
use AllSquare\Core\Compare\Difference;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Sheet;
use App\Running\AnotherSheet;
use Illuminate\Console\Command;

/** Says in what two documents differ, sheet by sheet and thing by thing: what would have to happen to the first to be as the second. */
final class DiffCommand extends Command
{
    use OpensDocuments;

    protected $signature = 'allsquare:diff
        {a : id or name of a document, or the path of a document file}
        {b : the other one}
        {--sheet= : name of one sheet; all without it}
        {--json : as JSON}';

    protected $description = 'Say in what two documents differ: 0 in nothing, 1 in something, 2 that cannot be done';

    public function handle(AnotherSheet $another, FontLibrary $fonts): int
    {
        $count = 0;
        $code = $this->saying(function () use ($another, $fonts, &$count): int {
            [$a, $b] = array_map(fn (string $name): array => $this->contents($another, (string) $this->argument($name)), ['a', 'b']);
            $only = $this->option('sheet');
            $found = [];
            foreach (array_keys($a + $b) as $name) {
                if ((is_string($only) && $only !== (string) $name)) {
                    continue;
                }
                $found[(string) $name] = match (true) {
                    ! isset($a[$name]) => [['says' => 'The sheet is added']],
                    ! isset($b[$name]) => [['says' => 'The sheet is gone']],
                    default => array_map(static fn (Difference $one): array => ['sort' => $one->sort->value, 'name' => $one->name, 'says' => Spoken::in($one->says, Unit::Px, $a[$name]->sheet->ppi), 'numbers' => (object) $one->numbers], (new Comparison($a[$name], $b[$name], $fonts))->differences()),
                };
            }
            $count = array_sum(array_map(count(...), $found));
            $this->option('json') ? $this->line(json_encode(['count' => $count, 'sheets' => $found], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)) : $this->tell($found, $count);

            return self::SUCCESS;
        });

        return $code === self::SUCCESS ? ($count > 0 ? 1 : 0) : 2;
    }

    /** @return array<string, SheetContent> by the names of the sheets */
    private function contents(AnotherSheet $another, string $given): array
    {
        $sheets = is_file($given) ? $another->file((string) file_get_contents($given))->sheets : $this->document($given)->sheets->map(static fn (Sheet $sheet): SheetContent => $another->all($sheet))->all();

        return array_column(array_map(static fn (SheetContent $one): array => ['name' => $one->sheet->name, 'content' => $one], $sheets), 'content', 'name');
    }

    /** @param  array<string, list<array<string, mixed>>>  $found */
    private function tell(array $found, int $count): void
    {
        foreach ($found as $sheet => $differences) {
            foreach ($differences as $one) {
                $this->line("$sheet: {$one['says']}");
            }
        }
        $this->line($count === 0 ? 'No difference' : "$count ".($count === 1 ? 'difference' : 'differences'));
    }
}
