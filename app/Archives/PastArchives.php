<?php

declare(strict_types=1);

namespace App\Archives;

use App\Export\MadeEarlier;
use App\Models\Archive;
use App\Models\ArchiveState;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** The files in the finished archives of a document: what was made from the same drawing need not be painted again. */
final class PastArchives implements MadeEarlier
{
    /** @var array<string, ZipArchive|null> by the archive's id; null for one that cannot be read */
    private array $open = [];

    public function __construct(private readonly string $document)
    {
    }

    public function take(string $fingerprint, string $to): bool
    {
        $rows = DB::connection('queue')->table('archive_files')
            ->join('archives', 'archives.id', '=', 'archive_files.archive_id')
            ->where('fingerprint', $fingerprint)->where('document_id', $this->document)->where('state', ArchiveState::Done->value)
            ->orderByDesc('archive_id')->limit(3)->get(['archive_id', 'archive_files.name', 'sha256']);
        foreach ($rows as $row) {
            $bytes = $this->zip($row->archive_id)?->getFromName($row->name);
            if (is_string($bytes) && hash('sha256', $bytes) === $row->sha256 && @file_put_contents($to, $bytes) === strlen($bytes)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, string>|null SHA-256 by name of the last archive that was made of a sheet; null where there is none */
    public static function last(string $sheet): ?array
    {
        $last = Archive::query()->where('sheet_id', $sheet)->where('state', ArchiveState::Done)->orderByDesc('id')->value('id');

        return $last === null ? null : DB::connection('queue')->table('archive_files')->where('archive_id', $last)->orderBy('place')->pluck('sha256', 'name')->all();
    }

    private function zip(string $archive): ?ZipArchive
    {
        if (! array_key_exists($archive, $this->open)) {
            $zip = new ZipArchive;
            $path = config('allsquare.archives.folder')."/$archive.zip";
            $this->open[$archive] = is_file($path) && $zip->open($path, ZipArchive::RDONLY) === true ? $zip : null;
        }

        return $this->open[$archive];
    }
}
