<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use App\Contract\CommandCall;
use App\Contract\Schemas;
use App\Documents\DocumentFiles;
use App\Models\Document;
use App\Running\CommandRunner;
use App\Tools\FileWriting;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Runs commands on a document one after another, as a batch: all of them or none. A document file is written anew. */
final class RunCommand extends Command
{
    use OpensDocuments;

    protected $signature = 'allsquare:run
        {file : JSON: a list of {sheet?, command, items?, params?}; items by id or by name}
        {document : id or name of a document, or the path of a document file}
        {--sheet= : id or name of the sheet of commands that name none}
        {--dry : say what would be done, and do nothing}';

    protected $description = 'Run commands on a document, all of them or none: 0 done, 1 one could not be done, 2 what was asked for makes no sense';

    public function handle(CommandRunner $runner, DocumentFiles $files, Schemas $schemas): int
    {
        return $this->saying(function () use ($runner, $files, $schemas): int {
            $given = (string) $this->argument('document');
            $commands = $this->commands();
            $document = $this->document($given);
            $run = function () use ($commands, $document, $runner, $schemas): void {
                foreach ($commands as $i => $one) {
                    $this->one($runner, $schemas, $document, $one, $i + 1);
                }
            };
            if ($this->option('dry')) {
                DB::beginTransaction();
                try {
                    $run();
                } finally {
                    DB::rollBack();
                }

                return self::SUCCESS;
            }
            DB::transaction($run);
            if (is_file($given)) {
                FileWriting::put("$given.part", $files->write($document->refresh()));
                FileWriting::move("$given.part", $given);
                $this->line("Wrote $given");
            }

            return self::SUCCESS;
        });
    }

    /** @return list<array<mixed>> */
    private function commands(): array
    {
        $path = (string) $this->argument('file');
        $read = is_file($path) ? json_decode((string) file_get_contents($path), true) : throw Refusal::because("There is no file \"$path\".", 'file');
        if (! is_array($read) || $read === [] || ! array_is_list($read) || array_filter($read, static fn (mixed $one): bool => ! is_array($one) || ! is_string($one['command'] ?? null)) !== []) {
            throw Refusal::because("\"$path\" is no list of commands: [{\"command\": \"align\", \"items\": [\"Card\"], \"params\": {\"edge\": \"top\"}}].", 'file');
        }

        return $read;
    }

    /** @param  array<mixed>  $one */
    private function one(CommandRunner $runner, Schemas $schemas, Document $document, array $one, int $number): void
    {
        $name = is_string($one['sheet'] ?? null) ? $one['sheet'] : (is_string($this->option('sheet')) ? $this->option('sheet') : null);
        [$sheet] = $this->sheets($document, $name);
        $params = is_array($one['params'] ?? null) ? $one['params'] : [];
        $command = is_string($one['command'] ?? null) ? $one['command'] : '';
        Catalogue::named($command);
        $schemas->check(json_decode((string) json_encode((object) $params), false), "commands/$command");
        $by = DB::table('items')->where('sheet_id', $sheet->id)->pluck('id', 'name');
        $items = array_values(array_map(static fn (mixed $item): string => is_string($item) ? (string) ($by[$item] ?? $item) : '', is_array($one['items'] ?? null) ? $one['items'] : []));
        try {
            $answer = $runner->run($sheet->id, new CommandCall(Catalogue::make($command, $params), $items, $params));
        } catch (Refusal $refusal) {
            throw Refusal::because("Command $number, $command, on \"$sheet->name\": {$refusal->getMessage()} Nothing was done.");
        }
        $this->line("$sheet->name: {$answer['report']['summary']}");
    }
}
