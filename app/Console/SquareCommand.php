<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use App\Contract\CommandCall;
use App\Documents\DocumentFiles;
use App\Models\Document;
use App\Models\Item;
use App\Models\Sheet;
use App\Running\CommandRunner;
use App\Tools\FileWriting;
use Illuminate\Console\Command;

/** Squares up the sheets of a document, and says what was understood and what moved. A document file is written anew. */
final class SquareCommand extends Command
{
    use OpensDocuments;

    private const SQUARE = 0;

    private const MOVED = 1;

    private const NONSENSE = 2;

    protected $signature = 'allsquare:square
        {document : id or name of a document, or the path of a document file}
        {--sheet= : id or name of one sheet; all without it}
        {--tolerance= : how far an edge may be moved, such as 4 or 1mm; 6 px at 96 ppi without it}
        {--dry : say what would move, and move nothing}';

    protected $description = 'Square up the sheets of a document: 0 they were square, 1 something moved, 2 that cannot be done';

    public function handle(CommandRunner $runner, DocumentFiles $files): int
    {
        $moved = 0;
        $given = (string) $this->argument('document');
        $code = $this->saying(function () use ($runner, $files, $given, &$moved): int {
            $document = $this->document($given);
            foreach ($this->sheets($document, is_string($this->option('sheet')) ? $this->option('sheet') : null) as $sheet) {
                $moved += $this->square($sheet, $runner);
            }
            if ($moved > 0 && is_file($given) && ! $this->option('dry')) {
                $this->write($document, $given, $files);
            }

            return self::SUCCESS;
        });

        return match (true) {
            $code !== self::SUCCESS => self::NONSENSE,
            $moved > 0 => self::MOVED,
            default => self::SQUARE,
        };
    }

    /** @return int how many things moved, or would move */
    private function square(Sheet $sheet, CommandRunner $runner): int
    {
        $items = Item::query()->where('sheet_id', $sheet->id)->whereNull('parent_id')->orderBy('rank')->pluck('id')->all();
        $tolerance = $this->option('tolerance');
        $params = is_string($tolerance) ? ['tolerance' => $tolerance] : [];
        try {
            $answer = $runner->run($sheet->id, new CommandCall(Catalogue::make('square-up', $params), array_values($items), $params, dry: (bool) $this->option('dry')));
        } catch (Refusal $refusal) {
            if ($refusal->field !== 'items') {
                throw $refusal;
            }
            // One thing alone, or nothing that can move, is square as it is.
            $this->line("$sheet->name: {$refusal->getMessage()}");

            return 0;
        }
        $report = $answer['report'];
        $this->line(($this->option('dry') ? "$sheet->name, if it were done: " : "$sheet->name: ").$report['summary']);

        return count($report['moved']);
    }

    private function write(Document $document, string $path, DocumentFiles $files): void
    {
        FileWriting::put("$path.part", $files->write($document->refresh()));
        FileWriting::move("$path.part", $path);
        $this->line("Wrote $path");
    }
}
