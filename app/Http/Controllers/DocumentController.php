<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Unit;
use App\Contract\Schemas;
use App\Documents\DocumentCopier;
use App\Documents\DocumentFiles;
use App\Documents\SheetBook;
use App\Http\Body;
use App\Http\Download;
use App\Models\Document;
use App\Models\Sheet;
use App\Sheets\Answers;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

final readonly class DocumentController
{
    public function __construct(private SheetBook $book, private Schemas $schemas, private Answers $answers)
    {
    }

    public function index(): JsonResponse
    {
        /** @var Collection<int, Document> $documents */
        $documents = Document::query()->with('sheets')->orderByDesc('updated_at')->orderBy('id')->get();

        return new JsonResponse(['documents' => $documents->map($this->answer(...))->values()->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'document');
        $sheet = $body->sheet;
        $document = $this->book->create($body->name, $sheet->name ?? 'Sheet 1', (float) $sheet->width, (float) $sheet->height, Unit::from($sheet->unit ?? 'px'), (float) ($sheet->ppi ?? 96));

        return new JsonResponse($this->answer($document), 201);
    }

    public function show(Document $document): JsonResponse
    {
        return new JsonResponse($this->answer($document));
    }

    public function update(Request $request, Document $document): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'document-name');
        $this->book->rename($document, $body->name);

        return new JsonResponse($this->answer($document->refresh()));
    }

    public function destroy(Document $document): Response
    {
        $document->delete();

        return new Response(status: 204);
    }

    public function restore(string $document): JsonResponse
    {
        $found = Document::withTrashed()->findOrFail($document);
        $found->restore();

        return new JsonResponse($this->answer($found));
    }

    public function copy(Document $document, DocumentCopier $copier): JsonResponse
    {
        return new JsonResponse($this->answer($copier->copy($document)), 201);
    }

    /** The document as a JSON file, always the same bytes for the same document. */
    public function file(Document $document, DocumentFiles $files): Response
    {
        return new Response($files->write($document), 200, ['Content-Type' => 'application/json', 'Content-Disposition' => Download::disposition($document->name, 'allsquare.json')]);
    }

    public function import(Request $request, DocumentFiles $files): JsonResponse
    {
        if (! $request->isJson()) {
            throw new UnsupportedMediaTypeHttpException('A document is opened from its JSON file.');
        }

        return new JsonResponse($this->answer($files->open($request->getContent())), 201);
    }

    /** @return array<string, mixed> */
    private function answer(Document $document): array
    {
        return [
            'id' => $document->id,
            'name' => $document->name,
            'changed' => $document->updated_at->toIso8601ZuluString('millisecond'),
            'sheets' => $document->sheets->map(fn (Sheet $sheet): array => $this->answers->sheet($sheet) + ['revision' => $sheet->revision])->values()->all(),
        ];
    }
}
