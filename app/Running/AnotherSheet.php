<?php

declare(strict_types=1);

namespace App\Running;

use AllSquare\Core\Format\DocumentContent;
use AllSquare\Core\Format\DocumentFile;
use AllSquare\Core\Format\DocumentReader;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Traits\ReadsAnother;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Text\FontLibrary;
use App\Contract\CommandCall;
use App\Contract\Schemas;
use App\History\NothingToTravel;
use App\History\TimeTravel;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use App\Storage\UlidSource;
use Illuminate\Support\Facades\DB;

/** The sheet that one is compared with: another of the document, itself as it was after a line of the history, or one of a document file. */
final readonly class AnotherSheet
{
    public function __construct(private SheetLoader $loader, private TimeTravel $travel, private Schemas $schemas, private FontLibrary $fonts, private UlidSource $ids)
    {
    }

    /** A command that takes something from another sheet, with that sheet; others as they are. */
    public function resolved(Sheet $sheet, CommandCall $call): CommandCall
    {
        return $call->command instanceof ReadsAnother ? $call->of($call->command->with($this->content($sheet, $call->command->another() + ['name' => $call->params['name'] ?? null])), $call->params, $call->unit) : $call;
    }

    /**
     * @param  array<string, mixed>  $which  sheet, line, or file and perhaps the name of a sheet in it
     *
     * @throws Refusal when there is none
     */
    public function content(Sheet $sheet, array $which): SheetContent
    {
        if (isset($which['file'])) {
            return self::named($this->file($which['file'])->sheets, $which['name'] ?? null, $sheet->name);
        }

        return $this->within($sheet, $which, $this->all(...));
    }

    /**
     * What can be done with it while it is there: of a line of the history, everything is as it was then, and as it is now afterwards.
     *
     * @template T
     *
     * @param  array<string, mixed>  $which  sheet or line
     * @param  callable(Sheet): T  $do
     * @return T
     *
     * @throws Refusal when there is none
     */
    public function within(Sheet $sheet, array $which, callable $do): mixed
    {
        if (is_string($which['sheet'] ?? null)) {
            return $do(Sheet::there()->where('document_id', $sheet->document_id)->find($which['sheet']) ?? throw Refusal::because('There is no such sheet in this document.', 'sheet'));
        }
        if (! is_int($which['line'] ?? null)) {
            throw Refusal::because('Say what is to be compared with: a sheet, a line of the history, or a file.', 'sheet');
        }
        DB::beginTransaction();
        try {
            try {
                $this->travel->goTo($sheet->document()->firstOrFail(), $which['line']);
            } catch (NothingToTravel $none) {
                // At that line already it is what it is.
                if ($which['line'] !== 0 && ! $sheet->document()->firstOrFail()->history()->where('id', $which['line'])->exists()) {
                    throw Refusal::because($none->getMessage(), 'line');
                }
            }

            return $do(Sheet::there()->find($sheet->id) ?? throw Refusal::because('The sheet was not there then.', 'line'));
        } finally {
            DB::rollBack();
        }
    }

    /** A sheet with all that belongs to it. */
    public function all(Sheet $sheet): SheetContent
    {
        $sorts = array_filter(Belongings::SORTS, static fn (string $sort): bool => ! $sort::isOfDocument());

        return new SheetContent($sheet->toCore(), $this->loader->everything($sheet->id), array_merge([], ...array_map(fn (string $sort): array => $this->loader->belongingTo($sort, $sheet->id), array_values($sorts))));
    }

    /** What a document file says; nothing of it is kept. */
    public function file(mixed $file): DocumentContent
    {
        $data = DocumentFile::decode(is_string($file) ? $file : json_encode($file, JSON_THROW_ON_ERROR));
        $this->schemas->check(json_decode(json_encode($data, JSON_THROW_ON_ERROR), flags: JSON_THROW_ON_ERROR), 'document-file');

        return (new DocumentReader($this->fonts, $this->ids))->read($data);
    }

    /**
     * @param  list<SheetContent>  $sheets
     * @param  mixed  $name  as it was given
     */
    private static function named(array $sheets, mixed $name, string $else): SheetContent
    {
        foreach ($sheets as $one) {
            if ($one->sheet->name === (is_string($name) ? $name : $else)) {
                return $one;
            }
        }
        if (is_string($name) || $sheets === []) {
            throw Refusal::because('There is no such sheet in the file.', 'name');
        }

        return $sheets[0];
    }
}
