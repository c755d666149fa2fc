<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Schemas;
use App\History\TimeTravel;
use App\Http\Body;
use App\Models\Document;
use App\Models\HistoryLine;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class HistoryController
{
    private const LISTED = 500;

    public function __construct(private TimeTravel $travel, private Schemas $schemas)
    {
    }

    public function index(Document $document): JsonResponse
    {
        /** @var Collection<int, HistoryLine> $lines */
        $lines = $document->history()->orderByDesc('id')->limit(self::LISTED)->get(['id', 'label', 'command', 'sheet_id', 'undone', 'created_at']);

        return self::json(['lines' => $lines->map(TimeTravel::entry(...))->values()->all()]);
    }

    public function undo(Request $request, Document $document): JsonResponse
    {
        return self::json($this->travel->undo($document, $this->revision($request)));
    }

    public function redo(Request $request, Document $document): JsonResponse
    {
        return self::json($this->travel->redo($document, $this->revision($request)));
    }

    public function goTo(Document $document, string $line): JsonResponse
    {
        return self::json($this->travel->goTo($document, (int) $line));
    }

    private function revision(Request $request): ?int
    {
        $this->schemas->check($body = Body::of($request), 'undo');

        return Schemas::whole($body->revision ?? null);
    }

    /** @param  array<string, mixed>  $data */
    private static function json(array $data): JsonResponse
    {
        return new JsonResponse($data, options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
