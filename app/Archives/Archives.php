<?php

declare(strict_types=1);

namespace App\Archives;

use AllSquare\Core\Refusal;
use App\Export\ExportOrder;
use App\Export\ExportPlan;
use App\Models\Archive;
use App\Models\ArchiveState;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** The archives that were ordered: given to the queue, called off, tried again, and those of the past. */
final class Archives
{
    private const MOST_WAITING = 50;

    /** @throws Refusal when there is nothing to make, or too much waits already */
    public function order(Sheet $sheet, ExportOrder $order, ExportPlan $plan): Archive
    {
        $plan->check();
        if (Archive::query()->whereIn('state', [ArchiveState::Waiting, ArchiveState::Making])->count() >= self::MOST_WAITING) {
            throw Refusal::because('50 archives are waiting to be made already. Wait for some, or cancel them.');
        }
        $archive = Archive::query()->create([
            'document_id' => $sheet->document_id, 'sheet_id' => $sheet->id, 'name' => $sheet->name,
            'wanted' => $order->toArray(), 'state' => ArchiveState::Waiting, 'total' => $plan->count(),
        ]);
        dispatch(new MakeArchive($archive->id));

        return $archive->refresh();
    }

    /** @return Collection<int, Archive> of a document, the last first */
    public function of(string $document): Collection
    {
        /** @var Collection<int, Archive> $archives */
        $archives = Archive::query()->where('document_id', $document)->orderByDesc('id')->limit(100)->get();

        return $archives;
    }

    /** One that is waiting or being made is called off; one that is over is deleted with its file. */
    public function drop(Archive $archive): void
    {
        if ($archive->state->isOver()) {
            self::delete($archive);

            return;
        }
        // One that waits is over at once; one that is being made ends before its next file.
        $waited = Archive::query()->whereKey($archive->id)->where('state', ArchiveState::Waiting)->update(['state' => ArchiveState::Cancelled, 'ended_at' => Carbon::now()]);
        if ($waited === 0) {
            Archive::query()->whereKey($archive->id)->update(['stopping' => true]);
        }
    }

    /** @throws Refusal unless it failed or was called off */
    public function again(Archive $archive): Archive
    {
        $found = Archive::query()->whereKey($archive->id)->whereIn('state', [ArchiveState::Failed, ArchiveState::Cancelled])
            ->update(['state' => ArchiveState::Waiting, 'stopping' => false, 'error' => null, 'done' => 0, 'ended_at' => null]);
        if ($found === 0) {
            throw Refusal::because('Only an archive that failed or was cancelled is tried again.');
        }
        dispatch(new MakeArchive($archive->id));

        return $archive->refresh();
    }

    public static function fail(string $id, string $why): void
    {
        Archive::query()->whereKey($id)->whereIn('state', [ArchiveState::Waiting, ArchiveState::Making])->update(['state' => ArchiveState::Failed, 'error' => $why, 'ended_at' => Carbon::now()]);
    }

    /** Of a document, only so many are kept. */
    public static function prune(string $document): void
    {
        /** @var Collection<int, Archive> $old */
        $old = Archive::query()->where('document_id', $document)->whereNotIn('state', [ArchiveState::Waiting, ArchiveState::Making])
            ->orderByDesc('id')->offset(config('allsquare.archives.kept'))->limit(1_000)->get();
        $old->each(self::delete(...));
    }

    /** Takes up what a worker left that was killed. Only for a worker that starts, while no other works. */
    public static function recover(): void
    {
        File::deleteDirectory(storage_path('archives'));
        DB::connection('queue')->table('jobs')->update(['reserved_at' => null]);
        Archive::query()->where('state', ArchiveState::Making)->where('stopping', true)->update(['state' => ArchiveState::Cancelled, 'ended_at' => Carbon::now()]);
        Archive::query()->where('state', ArchiveState::Making)->update(['state' => ArchiveState::Waiting, 'done' => 0]);
        $queued = DB::connection('queue')->table('jobs')->pluck('payload')->implode(' ');
        foreach (Archive::query()->where('state', ArchiveState::Waiting)->orderBy('id')->pluck('id') as $id) {
            if (! str_contains($queued, $id)) {
                dispatch(new MakeArchive($id));
            }
        }
    }

    private static function delete(Archive $archive): void
    {
        $archive->delete();
        @unlink($archive->path());
    }
}
