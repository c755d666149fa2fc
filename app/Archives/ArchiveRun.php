<?php

declare(strict_types=1);

namespace App\Archives;

use AllSquare\Core\Refusal;
use App\Export\ArchiveMaker;
use App\Export\ExportOrder;
use App\Export\ExportPlan;
use App\Export\MadeArchive;
use App\Export\SheetPictures;
use App\Models\Archive;
use App\Models\ArchiveState;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use App\Tools\FileWriting;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Throwable;

/** One run at an archive that was ordered: it ends done, failed with a sentence, or cancelled, and leaves nothing half made. */
final readonly class ArchiveRun
{
    /** Seconds between two looks at whether it was called off, and two notes of how far it is. */
    private const NOTED_EVERY = 0.2;

    public function __construct(private ArchiveMaker $maker, private SheetLoader $loader, private SheetPictures $pictures)
    {
    }

    public function of(string $id): void
    {
        $archive = Archive::query()->find($id);
        if ($archive === null || $archive->state->isOver()) {
            return;
        }
        $folder = storage_path("archives/$id");
        try {
            File::deleteDirectory($folder);
            FileWriting::folder($folder);
            $this->finish($archive, $this->make($archive, $folder));
        } catch (Stopped) {
            $archive->forceFill(['state' => ArchiveState::Cancelled, 'ended_at' => Carbon::now()])->save();
        } catch (Refusal $refusal) {
            Archives::fail($id, $refusal->getMessage());
        } catch (Throwable $error) {
            Archives::fail($id, 'The server could not make it. The reason is in its log.');
            report($error);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private function make(Archive $archive, string $folder): MadeArchive
    {
        $sheet = Sheet::query()->where('removed', false)->whereHas('document')->find($archive->sheet_id)
            ?? throw Refusal::because('The sheet was deleted before it was made.');
        $plan = ExportPlan::of($sheet, ExportOrder::fromArray($archive->wanted), $this->loader, $this->pictures);
        $archive->forceFill(['state' => ArchiveState::Making, 'total' => $plan->count(), 'done' => 0])->save();
        $noted = 0.0;

        return $this->maker->make($plan, $folder, new PastArchives($archive->document_id), PastArchives::last($archive->sheet_id), static function (int $done) use ($archive, &$noted): void {
            if (microtime(true) - $noted < self::NOTED_EVERY) {
                return;
            }
            $noted = microtime(true);
            if (Archive::query()->whereKey($archive->id)->where('stopping', false)->update(['done' => $done]) === 0) {
                throw new Stopped;
            }
        });
    }

    private function finish(Archive $archive, MadeArchive $made): void
    {
        $bytes = (int) filesize($made->path);
        FileWriting::move($made->path, $archive->path());
        DB::connection('queue')->transaction(function () use ($archive, $made, $bytes): void {
            foreach ($made->files as $place => $file) {
                DB::connection('queue')->table('archive_files')->insert([
                    'archive_id' => $archive->id, 'place' => $place, 'name' => $file->name, 'fingerprint' => $file->fingerprint,
                    'sha256' => $file->sha256, 'bytes' => $file->bytes, 'reused' => (int) $file->isReused,
                ]);
            }
            $archive->forceFill([
                'state' => ArchiveState::Done, 'done' => count($made->files), 'total' => count($made->files), 'bytes' => $bytes,
                'differences' => $made->manifest->differences(), 'ended_at' => Carbon::now(),
            ])->save();
        });
        Archives::prune($archive->document_id);
    }
}
