<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Refusal;
use App\Archives\Archives;
use App\Http\Download;
use App\Models\Archive;
use App\Models\ArchiveState;
use App\Models\Document;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The archives that were ordered: how far they are, what became of them, and the files themselves. */
final readonly class ArchiveController
{
    public function __construct(private Archives $archives)
    {
    }

    public function index(Document $document): JsonResponse
    {
        return new JsonResponse(['archives' => $this->archives->of($document->id)->map(self::answer(...))->values()->all()], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** One, with its files once they are made. */
    public function show(Archive $archive): JsonResponse
    {
        $files = DB::connection('queue')->table('archive_files')->where('archive_id', $archive->id)->orderBy('place')->get(['name', 'bytes', 'sha256', 'reused']);

        return new JsonResponse([...self::answer($archive), 'files' => $files->map(static fn ($file): array => [
            'name' => $file->name, 'bytes' => (int) $file->bytes, 'sha256' => $file->sha256, 'reused' => (bool) $file->reused,
        ])->all()], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    public function destroy(Archive $archive): Response
    {
        $this->archives->drop($archive);

        return new Response(status: 204);
    }

    public function again(Archive $archive): JsonResponse
    {
        return new JsonResponse(self::answer($this->archives->again($archive)), 202);
    }

    /** @throws Refusal when it is not made, or not there any more */
    public function file(Archive $archive): BinaryFileResponse
    {
        if ($archive->state !== ArchiveState::Done || ! is_file($archive->path())) {
            throw Refusal::because($archive->state->isOver() ? 'The file of this archive is not there any more. Make it again.' : 'This archive is not made yet.');
        }

        return Download::archive($archive->path(), $archive->name);
    }

    /** @return array<string, mixed> */
    public static function answer(Archive $archive): array
    {
        return [
            'id' => $archive->id,
            'sheet' => $archive->sheet_id,
            'name' => $archive->name,
            'wanted' => $archive->wanted,
            'state' => $archive->state->value,
            'stopping' => $archive->stopping && ! $archive->state->isOver(),
            'total' => $archive->total,
            'done' => $archive->done,
            'bytes' => $archive->bytes,
            'differences' => $archive->differences,
            'error' => $archive->error,
            'ordered' => $archive->created_at->toIso8601ZuluString('millisecond'),
            'ended' => $archive->ended_at?->toIso8601ZuluString('millisecond'),
        ];
    }
}
