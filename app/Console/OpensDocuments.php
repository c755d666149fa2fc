<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Refusal;
use App\Contract\InvalidRequest;
use App\Documents\DocumentFiles;
use App\Models\Document;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Throwable;

/** For commands that work on a document: one of the database, by id or name, or one in a document file. */
trait OpensDocuments
{
    /** @throws Refusal when there is none, or several of that name */
    private function document(string $given): Document
    {
        if (is_file($given)) {
            return $this->fromFile($given);
        }
        /** @var Collection<int, Document> $found */
        $found = Document::query()->where('id', $given)->orWhere('name', $given)->get();
        if (count($found) > 1) {
            throw Refusal::because("Several documents are called \"$given\". Give the id of one: ".$found->pluck('id')->implode(', ').'.');
        }

        return $found->first() ?? throw Refusal::because("There is no document, and no file, \"$given\".");
    }

    /** Opened in a database of its own that is gone afterwards. */
    private function fromFile(string $path): Document
    {
        foreach (['sqlite', 'queue'] as $connection) {
            config(["database.connections.$connection.database" => ':memory:']);
            DB::purge($connection);
        }
        Artisan::call('allsquare:migrate');

        return app(DocumentFiles::class)->open((string) file_get_contents($path));
    }

    /**
     * @return list<Sheet> all, or the one of that name or id
     *
     * @throws Refusal when there is none
     */
    private function sheets(Document $document, ?string $name): array
    {
        $sheets = array_values(array_filter($document->sheets->all(), static fn (Sheet $sheet): bool => $name === null || $sheet->name === $name || $sheet->id === $name));

        return $sheets === [] ? throw Refusal::because("\"$document->name\" has no sheet \"$name\". There are: ".$document->sheets->pluck('name')->implode(', ').'.') : $sheets;
    }

    /** @return list<string>|null what was given, separated by commas; null where nothing was */
    private function listed(string $option): ?array
    {
        $given = $this->option($option);

        return is_string($given) && trim($given) !== '' ? array_values(array_filter(array_map(trim(...), explode(',', $given)), static fn (string $one): bool => $one !== '')) : null;
    }

    /**
     * @param  callable(): int  $work
     * @return int 0 done, 1 it could not be done, 2 what was asked for makes no sense
     */
    private function saying(callable $work): int
    {
        try {
            return $work();
        } catch (Refusal $refusal) {
            $this->getOutput()->getErrorStyle()->writeln('All Square: '.$refusal->getMessage());

            return $refusal->field === null ? self::FAILURE : self::INVALID;
        } catch (InvalidRequest $invalid) {
            foreach ($invalid->errors as $field => $sentences) {
                $this->getOutput()->getErrorStyle()->writeln("All Square: $field: ".implode(' ', $sentences));
            }

            return self::INVALID;
        } catch (Throwable $error) {
            $this->getOutput()->getErrorStyle()->writeln('All Square: this could not be done: '.$error->getMessage());

            return self::FAILURE;
        }
    }
}
