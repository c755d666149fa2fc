<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Unit;
use App\Contract\Schemas;
use App\Documents\DocumentArchives;
use App\Documents\DocumentCopier;
use App\Documents\DocumentFiles;
use App\Documents\DrawingFiles;
use App\Documents\SheetBook;
use App\Http\Body;
use App\Http\Download;
use App\Models\Document;
use App\Models\Sheet;
use App\Sheets\Answers;
use App\Sheets\FoundCounts;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

final readonly class DocumentController
{
    public function __construct(private SheetBook $book, private Schemas $schemas, private Answers $answers, private FoundCounts $found)
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

    /** The document as a JSON file, always the same bytes for the same document; as a ZIP archive its pictures lie beside it. */
    public function file(Request $request, Document $document, DocumentFiles $files, DocumentArchives $archives): Response|BinaryFileResponse
    {
        if ($request->query('as') === 'zip') {
            return Download::archive($archives->write($document), "$document->name.allsquare")->deleteFileAfterSend();
        }

        return new Response($files->write($document), 200, ['Content-Type' => 'application/json', 'Content-Disposition' => Download::disposition($document->name, 'allsquare.json')]);
    }

    /** All documents as files in one archive. */
    public function files(DocumentArchives $archives): BinaryFileResponse
    {
        return Download::archive($archives->all(Document::query()->with('sheets')->get()->sortBy('name')->all()), 'All Square documents')->deleteFileAfterSend();
    }

    /** Opens a document file, or a drawing as a document of its own. */
    public function import(Request $request, DocumentFiles $files, DocumentArchives $archives, DrawingFiles $drawings): JsonResponse
    {
        $type = strtolower(trim(explode(';', (string) $request->headers->get('content-type', ''))[0]));
        if ($type === 'application/zip') {
            return new JsonResponse($this->answer($archives->open($request->getContent())), 201);
        }
        if ($type === 'image/svg+xml') {
            $name = $request->query('name');
            [$document, $said] = $drawings->open($request->getContent(), is_string($name) ? $name : '');

            return new JsonResponse($this->answer($document) + ['said' => $said], 201);
        }
        if (! $request->isJson()) {
            throw new UnsupportedMediaTypeHttpException('A document is opened from its JSON file, an archive with one, or an SVG.');
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
            'out_of_square' => $this->found->of($document),
            'sheets' => $document->sheets->map(fn (Sheet $sheet): array => $this->answers->sheet($sheet) + ['revision' => $sheet->revision])->values()->all(),
        ];
    }
}
