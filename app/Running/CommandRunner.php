<?php

declare(strict_types=1);

namespace App\Running;

use AllSquare\Core\Arrange\PageParts;
use AllSquare\Core\Arrange\Twins;
use AllSquare\Core\Command\MoveBy;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Measure\Moved;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Execution;
use AllSquare\Core\Running\Moves;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Traits\ReachesEverySheet;
use AllSquare\Core\Sheet\Draft;
use App\Contract\CommandCall;
use App\History\Recorder;
use App\Models\HistoryLine;
use App\Models\Sheet;
use App\Pictures\Mentions;
use App\Sheets\Answers;
use App\Sheets\ChangeWriter;
use App\Sheets\Deriver;
use App\Sheets\SheetLoader;
use App\Sheets\StaleRevision;
use App\Storage\Patch;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Runs commands on sheets: the one way in which a sheet changes.
 *
 * The first statement of a run is the one that raises the revision. It takes SQLite's write lock and finds a stale
 * revision in one; a read before it, in a transaction that began by reading, fails at once when two write.
 */
final readonly class CommandRunner
{
    public function __construct(
        private SheetLoader $loader,
        private ChangeWriter $writer,
        private Deriver $deriver,
        private Recorder $recorder,
        private Answers $answers,
        private LastCommand $past,
        private AnotherSheet $another,
        private Mentions $pictures,
    ) {
    }

    /**
     * @return array<string, mixed> the answer of the API
     *
     * @throws Refusal when it cannot be done
     * @throws StaleRevision when the sheet is not at the revision expected
     */
    public function run(string $sheetId, CommandCall $call): array
    {
        if ($call->dry) {
            return $this->rehearse($sheetId, $call);
        }
        $line = $call->key === null ? null : $this->alreadyDone($sheetId, $call->key);
        if ($line !== null) {
            return $this->answers->ofLine($line);
        }
        try {
            return DB::transaction(fn (): array => $this->perform($sheetId, $call));
        } catch (NothingChanged $unchanged) {
            return $unchanged->answer;
        } catch (UniqueConstraintViolationException $error) {
            $line = $call->key === null ? null : $this->alreadyDone($sheetId, $call->key);

            return $line === null ? throw $error : $this->answers->ofLine($line);
        }
    }

    /** @return array<string, mixed> */
    private function perform(string $sheetId, CommandCall $call): array
    {
        $this->raise($sheetId, $call->revision);
        $sheet = Sheet::query()->findOrFail($sheetId);
        $call = $this->another->resolved($sheet, $this->past->resolved($sheet, $call));
        $draft = $this->loader->draft($sheet, $call->command->needs(), $call->items, $call->unit);
        $done = Execution::of($call->command, $draft, $call->items);
        if ($done->change->isEmpty()) {
            throw new NothingChanged($this->answers->unchanged($sheet->revision - 1, $done->report));
        }
        $this->pictures->checked($done->change);
        $patch = $this->writer->patch($sheet, $done->change);
        $rows = $this->derived($draft, $done);
        $this->writer->write($patch, $rows);
        $patch = $call->command instanceof ReachesEverySheet ? $patch->with(...$this->onOtherSheets($sheet, static fn (Draft $other): Execution => Execution::elsewhere($call->command, $other))) : $patch;
        $runs = Twins::in($done->change) !== [];
        if ($runs || ($sheet->page !== null && PageParts::in($done->change) !== [])) {
            $patch = $patch->with(...$this->onOtherSheets($sheet, static fn (Draft $other): Execution => Execution::twins($draft, $done->change, $other), $runs ? null : $sheet->page));
        }
        $answer = $this->answers->ofChange($sheet, $draft, $done, $rows, $sheet->revision);
        $run = $this->recorder->runOf($sheet, $call);
        $run === null
            ? $this->recorder->record($sheet, $call, $done->report, $patch)
            : $this->recorder->extend($run, $sheet, $call, self::joined($draft, $call, $done->report, $run), $patch);

        return $answer;
    }

    /**
     * What is done on the other sheets of the document as well.
     *
     * @param  callable(Draft): Execution  $do
     * @param  string|null  $page  only on those that show this page at other widths; null for all
     * @return list<Patch> what changed on each
     */
    private function onOtherSheets(Sheet $sheet, callable $do, ?string $page = null): array
    {
        $patches = [];
        foreach (Sheet::there()->where('document_id', $sheet->document_id)->where('id', '!=', $sheet->id)->when($page !== null, static fn ($query) => $query->where('page', $page))->get() as $other) {
            $draft = $this->loader->draft($other, new Needs(Scope::Whole), []);
            $done = $do($draft);
            if ($done->change->isEmpty()) {
                continue;
            }
            Sheet::query()->toBase()->where('id', $other->id)->update(['revision' => DB::raw('revision + 1')]);
            $patches[] = $patch = $this->writer->patch($other, $done->change);
            $this->writer->write($patch, $this->derived($draft, $done));
        }

        return $patches;
    }

    /**
     * The same code path, with nothing stored.
     *
     * @return array<string, mixed>
     */
    private function rehearse(string $sheetId, CommandCall $call): array
    {
        $sheet = Sheet::there()->findOrFail($sheetId);
        if ($call->revision !== null && $call->revision !== $sheet->revision) {
            throw new StaleRevision($sheet->revision);
        }
        $call = $this->another->resolved($sheet, $this->past->resolved($sheet, $call));
        $draft = $this->loader->draft($sheet, $call->command->needs(), $call->items, $call->unit);
        $done = Execution::of($call->command, $draft, $call->items);
        if ($done->change->isEmpty()) {
            return $this->answers->unchanged($sheet->revision, $done->report);
        }
        $this->pictures->checked($done->change);

        return $this->answers->ofChange($sheet, $draft, $done, $this->derived($draft, $done), $sheet->revision);
    }

    /** The report of a run, this one included: how far things moved in all, and what a number was before the first press. */
    private static function joined(Draft $draft, CommandCall $call, Report $report, HistoryLine $run): Report
    {
        $moves = Moves::of($draft, $call->items)->after($run->report['moved'] ?? []);
        if ($call->command::name() !== MoveBy::name()) {
            $was = preg_match('/\(was [^()]*\)/', $run->label, $found) === 1 ? $found[0] : null;
            $summary = $was === null ? $report->summary : (string) preg_replace('/\(was [^()]*\)/', strtr($was, ['\\' => '\\\\', '$' => '\\$']), $report->summary, 1);

            return (new Report($summary, $report->selection, $report->details))->with(['moved' => $moves->listed()]);
        }

        return new Report(Spoken::in(MoveBy::summary($draft, $call->items, $moves), $draft->unit, $draft->sheet()->ppi), $report->selection, ['moved' => $moves->listed()]);
    }

    /** @return list<stdClass> the rows that are not as they were */
    private function derived(Draft $draft, Execution $done): array
    {
        return $this->deriver->derive($draft->tree, $done->change->touched(), $done->change->formerParents(), $done->change->refitted(), Moved::of($done->change, $draft->before(), $draft->tree));
    }

    private function raise(string $sheetId, ?int $expected): void
    {
        $sheets = Sheet::there()->where('id', $sheetId)->toBase();
        $raised = (clone $sheets)
            ->when($expected !== null, static fn ($query) => $query->where('revision', $expected))
            ->update(['revision' => DB::raw('revision + 1')]);
        if ($raised === 0) {
            $current = $sheets->value('revision');
            throw $current === null ? (new ModelNotFoundException)->setModel(Sheet::class, [$sheetId]) : new StaleRevision((int) $current);
        }
    }

    /** @throws Refusal when the key was given to a request on another sheet of the document */
    private function alreadyDone(string $sheetId, string $key): ?HistoryLine
    {
        /** @var HistoryLine|null $line */
        $line = HistoryLine::query()
            ->join('keys', 'keys.line', '=', 'history.id')
            ->where('keys.key', $key)
            ->where('keys.document_id', Sheet::there()->select('document_id')->where('id', $sheetId))
            ->first('history.*');

        return $line === null || $line->sheet_id === $sheetId ? $line : throw Refusal::because('That key was used for a request on another sheet of this document. Every request has a key of its own.', 'key');
    }
}
