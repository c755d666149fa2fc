<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Sheet as CoreSheet;
use App\History\Recorder;
use App\Models\Document;
use App\Models\Sheet;
use App\Sheets\ChangeWriter;
use App\Storage\Patch;
use App\Storage\UlidSource;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * Changes of a document itself: its name, and its sheets with their names and order. Each is one line of the
 * history, undone and redone like any other; a deleted sheet is kept, marked as removed, until nothing can bring it back.
 */
final readonly class SheetBook
{
    public const MOST_SHEETS = 200;

    public function __construct(private ChangeWriter $writer, private Recorder $recorder, private UlidSource $ids, private SheetCopier $copier)
    {
    }

    public function create(string $name, string $sheetName, float $width, float $height, Unit $unit, float $ppi): Document
    {
        return DB::transaction(function () use ($name, $sheetName, $width, $height, $unit, $ppi): Document {
            $document = Document::query()->create(['name' => Naming::checked($name)]);
            $sheet = CoreSheet::create($this->ids->next(), Naming::checked($sheetName), $width, $height, $unit, $ppi);
            Sheet::query()->create(['id' => $sheet->id, 'document_id' => $document->id, 'position' => 0, ...Sheet::columns($sheet)]);

            return $document;
        });
    }

    public function rename(Document $document, string $name): void
    {
        $name = Naming::checked($name);
        $this->change($document, fn (): array => [$this->anySheet($document), 'rename-document', "Renamed the document to \"$name\"", $document->name === $name ? [] : [
            ['documents', $document->id, ['name' => $document->name], ['name' => $name]],
        ]]);
    }

    /** @throws Refusal when the document is full or the size is no sheet's */
    public function add(Document $document, string $name, float $width, float $height, Unit $unit, float $ppi): Sheet
    {
        $sheet = CoreSheet::create($this->ids->next(), Naming::checked($name), $width, $height, $unit, $ppi);
        $this->change($document, function () use ($document, $sheet): array {
            $this->refuseMore($document);
            DB::table('sheets')->insert(['id' => $sheet->id, 'document_id' => $document->id, 'position' => $this->end($document), 'removed' => 1, 'revision' => 0, ...Sheet::columns($sheet)]);

            return [$sheet->id, 'add-sheet', "Added sheet \"$sheet->name\"", [
                ['sheets', $sheet->id, ['removed' => 1], ['removed' => 0]],
            ]];
        });

        return Sheet::query()->findOrFail($sheet->id);
    }

    /**
     * Name and place among the sheets.
     *
     * @param  int|null  $position  from 0
     */
    public function set(Sheet $sheet, ?string $name, ?int $position): void
    {
        $name = $name === null ? null : Naming::checked($name);
        $document = $this->documentOf($sheet);
        DB::transaction(function () use ($document, $sheet, $name, $position): void {
            if ($name !== null) {
                $this->change($document, fn (): array => [$sheet->id, 'rename-sheet', "Renamed sheet \"{$this->present($sheet)->name}\" to \"$name\"", $sheet->name === $name ? [] : [
                    ['sheets', $sheet->id, ['name' => $sheet->name], ['name' => $name]],
                ]]);
            }
            if ($position !== null) {
                $this->change($document, fn (): array => [$sheet->id, 'move-sheet', "Moved sheet \"{$this->present($sheet)->name}\"", $this->moved($document, $sheet, $position)]);
            }
        });
    }

    /** A sheet with everything on it, right after the original. */
    public function copy(Sheet $sheet): Sheet
    {
        $document = $this->documentOf($sheet);
        $copy = null;
        $this->change($document, function () use ($document, $sheet, &$copy): array {
            $this->refuseMore($document);
            $copy = $this->copier->copy($this->present($sheet), $this->freeName($document, $sheet->name));
            $order = $document->sheets()->pluck('id')->all();
            array_splice($order, (int) array_search($sheet->id, $order, true) + 1, 0, [$copy->id]);

            return [$copy->id, 'copy-sheet', "Copied sheet \"$sheet->name\"", [
                ['sheets', $copy->id, ['removed' => 1], ['removed' => 0]],
                ...self::positions($order),
            ]];
        });

        return $copy?->refresh() ?? throw new LogicException('A copy is made, or it is refused.');
    }

    /** @throws Refusal when it is the last one */
    public function delete(Sheet $sheet): void
    {
        $document = $this->documentOf($sheet);
        $this->change($document, function () use ($document, $sheet): array {
            $this->present($sheet);
            if ($document->sheets()->count() < 2) {
                throw Refusal::because('A document has one sheet at least. Delete the document instead.');
            }

            return [$sheet->id, 'delete-sheet', "Deleted sheet \"$sheet->name\"", [
                ['sheets', $sheet->id, ['removed' => 0], ['removed' => 1]],
            ]];
        });
    }

    /** @return list<array{0: string, 1: string, 2: array<string, mixed>, 3: array<string, mixed>}> */
    private function moved(Document $document, Sheet $sheet, int $position): array
    {
        $order = array_values(array_diff($was = $document->sheets()->pluck('id')->all(), [$sheet->id]));
        array_splice($order, max(0, min($position, count($order))), 0, [$sheet->id]);

        return $order === $was ? [] : self::positions($order);
    }

    /**
     * The rows that bring sheets into an order.
     *
     * @param  list<string>  $order  their ids
     * @return list<array{0: string, 1: string, 2: array<string, mixed>, 3: array<string, mixed>}>
     */
    public static function positions(array $order): array
    {
        $were = DB::table('sheets')->whereIn('id', $order)->pluck('position', 'id')->all();
        $rows = [];
        foreach ($order as $i => $id) {
            if ((int) $were[$id] !== $i) {
                $rows[] = ['sheets', $id, ['position' => (int) $were[$id]], ['position' => $i]];
            }
        }

        return $rows;
    }

    /**
     * One line of the history. What it comes to is read after the lock is taken, so that two at once happen one after the other.
     *
     * @param  callable(): array{0: string, 1: string, 2: string, 3: list<array{0: string, 1: string, 2: array<string, mixed>|null, 3: array<string, mixed>|null}>}  $plan  the sheet that is shown for it, the word, the line, and the rows; without rows nothing happens
     */
    public function change(Document $document, callable $plan): void
    {
        DB::transaction(function () use ($document, $plan): void {
            if (Document::query()->where('id', $document->id)->toBase()->increment('changes') === 0) {
                throw (new ModelNotFoundException)->setModel(Document::class, [$document->id]);
            }
            $document->refresh();
            [$sheetId, $command, $label, $rows] = $plan();
            if ($rows === []) {
                return;
            }
            Sheet::query()->toBase()->where('id', $sheetId)->increment('revision');
            $patch = new Patch($rows);
            $this->writer->write($patch, checked: true);
            $this->recorder->recordDocument($document->id, $sheetId, $command, $label, $patch, (int) Sheet::query()->toBase()->where('id', $sheetId)->value('revision'));
        });
    }

    /** The sheet as it is now; it may have been deleted, or called something else, while this waited for its turn. */
    public function present(Sheet $sheet): Sheet
    {
        $sheet->refresh();

        return $sheet->removed ? throw (new ModelNotFoundException)->setModel(Sheet::class, [$sheet->id]) : $sheet;
    }

    /** @throws Refusal when it is full */
    public function refuseMore(Document $document): void
    {
        if ($document->sheets()->count() >= self::MOST_SHEETS) {
            throw Refusal::because('A document has 200 sheets at most.');
        }
    }

    /** @param  string  $what  what it is of the one that has that name */
    public function freeName(Document $document, string $name, string $what = ' copy'): string
    {
        $taken = $document->sheets()->pluck('name')->all();
        $begins = mb_strimwidth($name, 0, Naming::LONGEST - 5 - mb_strlen($what)).$what;
        $free = $begins;
        for ($n = 2; in_array($free, $taken, true); $n++) {
            $free = "$begins $n";
        }

        return $free;
    }

    private function end(Document $document): int
    {
        return 1 + (int) DB::table('sheets')->where('document_id', $document->id)->max('position');
    }

    private function anySheet(Document $document): string
    {
        return $document->sheets()->firstOrFail()->id;
    }

    private function documentOf(Sheet $sheet): Document
    {
        return Document::query()->findOrFail($sheet->document_id);
    }
}
