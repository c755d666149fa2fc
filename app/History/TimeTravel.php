<?php

declare(strict_types=1);

namespace App\History;

use AllSquare\Core\Running\Needs;
use AllSquare\Core\Sheet\Tree;
use App\Models\Document;
use App\Models\HistoryLine;
use App\Models\Sheet;
use App\Sheets\Answers;
use App\Sheets\ChangeWriter;
use App\Sheets\Deriver;
use App\Sheets\SheetLoader;
use App\Sheets\StaleRevision;
use App\Storage\ItemRows;
use App\Storage\Patch;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Undo and redo: applies the patches of a document's history, one line at a time. */
final readonly class TimeTravel
{
    public function __construct(
        private SheetLoader $loader,
        private ChangeWriter $writer,
        private Deriver $deriver,
        private Answers $answers,
    ) {
    }

    /**
     * @param  int|null  $revision  what the sheet of that line is expected to be at
     * @return array<string, mixed> the answer of the API
     *
     * @throws NothingToTravel when there is no such line
     * @throws StaleRevision
     */
    public function undo(Document $document, ?int $revision): array
    {
        return $this->step($document, $revision, back: true);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NothingToTravel
     * @throws StaleRevision
     */
    public function redo(Document $document, ?int $revision): array
    {
        return $this->step($document, $revision, back: false);
    }

    /**
     * Back or forward until a line is the last one that is done.
     *
     * @param  int  $line  its number; 0 is before the first
     * @return array<string, mixed> the answer to the last step
     */
    public function goTo(Document $document, int $line): array
    {
        return DB::transaction(function () use ($document, $line): array {
            $answer = null;
            $this->lock($document);
            if ($line !== 0 && ! $document->history()->where('id', $line)->exists()) {
                throw new NothingToTravel('There is no such line in the history.');
            }
            while ($document->history()->where('undone', false)->where('id', '>', $line)->exists()) {
                $answer = $this->step($document, null, back: true);
            }
            while ($document->history()->where('undone', true)->where('id', '<=', $line)->exists()) {
                $answer = $this->step($document, null, back: false);
            }

            return $answer ?? throw new NothingToTravel('The document is at that line already.');
        });
    }

    /** @return array<string, mixed> */
    private function step(Document $document, ?int $revision, bool $back): array
    {
        return DB::transaction(function () use ($document, $revision, $back): array {
            $this->lock($document);
            /** @var HistoryLine $line */
            $line = $document->history()->where('undone', ! $back)->orderBy('id', $back ? 'desc' : 'asc')->first()
                ?? throw new NothingToTravel($back ? 'There is nothing to undo.' : 'There is nothing to redo.');
            Sheet::query()->toBase()->where('id', $line->sheet_id)->update(['revision' => DB::raw('revision + 1')]);
            $sheet = Sheet::query()->findOrFail($line->sheet_id);
            if ($revision !== null && $revision !== $sheet->revision - 1) {
                throw new StaleRevision($sheet->revision - 1);
            }
            $patch = $back ? $line->changes()->reversed() : $line->changes();
            $this->writer->write($patch, checked: true);
            $line->forceFill(['undone' => $back])->save();
            foreach ($this->elsewhere($line->sheet_id, $patch) as $other => $ids) {
                Sheet::query()->toBase()->where('id', $other)->update(['revision' => DB::raw('revision + 1')]);
                $this->derive((string) $other, $patch->ofItems($ids));
            }
            $answer = $this->answers->ofLine($line, $patch, $this->derive($line->sheet_id, $patch), $sheet->revision);

            return [
                'sheet' => $line->sheet_id,
                ...$answer,
                'entry' => self::entry($line),
                'selection' => $back ? $line->selected_before : $line->selected_after,
                'document_changed' => $patch->touches('documents') || $patch->touches('sheets'),
            ];
        });
    }

    /** @return array{line: int, label: string, command: string, sheet: string, undone: bool, at: string} */
    public static function entry(HistoryLine $line): array
    {
        return ['line' => $line->id, 'label' => $line->label, 'command' => $line->command, 'sheet' => $line->sheet_id, 'undone' => $line->undone, 'at' => $line->created_at];
    }

    /** The first statement writes, so that the lock is taken before anything is read. */
    private function lock(Document $document): void
    {
        Document::query()->toBase()->where('id', $document->id)->increment('changes');
    }

    /** @return array<string, list<string>> items of other sheets that it changed, by sheet */
    private function elsewhere(string $sheetId, Patch $patch): array
    {
        $found = [];
        foreach (DB::table('items')->whereIn('id', $patch->ids('items'))->where('sheet_id', '!=', $sheetId)->get(['id', 'sheet_id']) as $item) {
            $found[$item->sheet_id][] = $item->id;
        }

        return $found;
    }

    /** @return list<stdClass> */
    private function derive(string $sheetId, Patch $patch): array
    {
        $ids = $patch->ids('items');
        if ($ids === []) {
            return [];
        }
        $tree = $this->loader->draft(Sheet::query()->findOrFail($sheetId), new Needs(also: $this->parents($patch)), $ids)->tree;

        $rows = $this->deriver->derive($tree, array_values(array_filter($ids, $tree->has(...))), $this->parents($patch), $this->refitted($tree, $patch));
        $this->writer->writeDerived($rows);

        return $rows;
    }

    /** @return list<string> the groups that only got another frame */
    private function refitted(Tree $tree, Patch $patch): array
    {
        $refitted = [];
        foreach ($patch->rows as [$table, $id, $before, $after]) {
            if ($table === 'items' && $before !== null && $after !== null && $tree->has($id)) {
                $is = $tree->item($id);
                $was = ItemRows::toCore((object) ['id' => $id, ...ItemRows::columns($is), ...$before]);
                if ($is->holdsItems() && $is->sharesSpaceWith($was)) {
                    $refitted[] = $id;
                }
            }
        }

        return $refitted;
    }

    /** @return list<string> the groups that items came from or went to */
    private function parents(Patch $patch): array
    {
        $parents = [];
        foreach ($patch->rows as [$table, , $before, $after]) {
            if ($table === 'items') {
                array_push($parents, $before['parent_id'] ?? null, $after['parent_id'] ?? null);
            }
        }

        return array_values(array_unique(array_filter($parents)));
    }
}
