<?php

declare(strict_types=1);

namespace App\History;

use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Traits\GoesOn;
use App\Contract\CommandCall;
use App\Models\HistoryLine;
use App\Models\Sheet;
use App\Sheets\Answers;
use App\Storage\Patch;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Writes lines of the history. */
final class Recorder
{
    public function record(Sheet $sheet, CommandCall $call, Report $report, Patch $patch): HistoryLine
    {
        return $this->line($sheet->document_id, [
            'sheet_id' => $sheet->id,
            'command' => $call->command::name(),
            'label' => $report->summary,
            // What was pasted is in the patch.
            'params' => array_diff_key($call->params, ['file' => true]),
            'report' => Answers::report($report),
            'selected_before' => $call->items,
            'selected_after' => $report->selection,
            'patch' => $patch->pack(),
            'revision' => $sheet->revision,
            'run' => $call->run,
            'unit' => $call->unit->value,
        ], $call->key);
    }

    /** The last line of the document, where a call goes on with its run: the same numbers of the same items. */
    public function runOf(Sheet $sheet, CommandCall $call): ?HistoryLine
    {
        if ($call->run === null || ! $call->command instanceof GoesOn) {
            return null;
        }
        /** @var HistoryLine|null $last */
        $last = HistoryLine::query()->where('document_id', $sheet->document_id)->orderByDesc('id')->first();

        $goesOn = $last !== null && ! $last->undone && $last->run === $call->run && $last->sheet_id === $sheet->id && $last->command === $call->command::name()
            && $last->selected_after === $call->items && ($last->command === 'move-by' || array_keys($last->params) === array_keys($call->params));

        return $goesOn ? $last : null;
    }

    /** Makes one line of a run and what goes on with it; where that cannot be, a line of its own. */
    public function extend(HistoryLine $line, Sheet $sheet, CommandCall $call, Report $report, Patch $patch): void
    {
        $joined = $line->changes()->followedBy($patch);
        if ($joined === null) {
            $this->record($sheet, $call, $report, $patch);

            return;
        }
        $line->forceFill([
            'label' => $report->summary,
            'params' => array_diff_key($call->params, ['file' => true]),
            'report' => Answers::report($report),
            'patch' => $joined->pack(),
            'revision' => $sheet->revision,
        ])->save();
        self::keep($call->key, $line);
    }

    /**
     * A line for a change of the document itself: its sheets, their names and order.
     *
     * @param  string  $sheetId  the sheet that is shown when the line is undone or redone
     */
    public function recordDocument(string $documentId, string $sheetId, string $command, string $label, Patch $patch, int $revision): HistoryLine
    {
        return $this->line($documentId, [
            'sheet_id' => $sheetId,
            'command' => $command,
            'label' => $label,
            'params' => [],
            'report' => ['summary' => $label],
            'selected_before' => [],
            'selected_after' => [],
            'patch' => $patch->pack(),
            'revision' => $revision,
        ]);
    }

    /** @param  array<string, mixed>  $columns */
    private function line(string $documentId, array $columns, ?string $key = null): HistoryLine
    {
        $this->dropUndone($documentId);
        $now = Carbon::now();
        DB::update('UPDATE documents SET updated_at = ? WHERE id = ?', [$now->format('Y-m-d H:i:s.v'), $documentId]);

        $line = HistoryLine::query()->create(['document_id' => $documentId, 'created_at' => $now->format('Y-m-d H:i:s.v'), ...$columns]);
        self::keep($key, $line);

        return $line;
    }

    /** Which line a request with a key is in, so that a retry finds it. */
    private static function keep(?string $key, HistoryLine $line): void
    {
        if ($key !== null) {
            DB::insert('INSERT INTO keys (document_id, key, line) VALUES (?, ?, ?)', [$line->document_id, $key, $line->id]);
        }
    }

    /** What could be redone is gone with a new change, and with it the sheets that only it could bring back. */
    private function dropUndone(string $documentId): void
    {
        if (DB::scalar('SELECT count(*) FROM history WHERE document_id = ? AND undone = 1', [$documentId]) === 0) {
            return;
        }
        $undone = HistoryLine::query()->where('document_id', $documentId)->where('undone', true);
        foreach ((clone $undone)->whereIn('command', ['add-sheet', 'copy-sheet'])->pluck('sheet_id') as $sheet) {
            DB::table('sheets')->where('id', $sheet)->where('removed', true)->delete();
        }
        $undone->delete();
    }
}
