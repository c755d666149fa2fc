<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Unit;
use App\Contract\Schemas;
use App\Documents\PageWidths;
use App\Documents\SheetBook;
use App\Http\Body;
use App\Models\Document;
use App\Models\Sheet;
use App\Running\RunningHeads;
use App\Sheets\Answers;
use App\Sheets\SheetReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final readonly class SheetController
{
    public function __construct(private SheetBook $book, private Schemas $schemas, private Answers $answers)
    {
    }

    public function store(Request $request, Document $document, RunningHeads $heads): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'sheet');
        $sheet = DB::transaction(function () use ($document, $body, $heads): Sheet {
            $sheet = $this->book->add($document, $body->name ?? 'Sheet '.($document->sheets()->count() + 1), (float) $body->width, (float) $body->height, Unit::from($body->unit ?? 'px'), (float) ($body->ppi ?? 96));
            $heads->bring($sheet);

            return $sheet;
        });

        return new JsonResponse($this->answers->sheet($sheet) + ['revision' => $sheet->revision], 201);
    }

    public function show(Sheet $sheet, SheetReader $reader): Response
    {
        return new Response($reader->json($sheet), 200, ['Content-Type' => 'application/json']);
    }

    /** Only what revision it is at, for browsers that look whether anything changed. */
    public function revision(Sheet $sheet): JsonResponse
    {
        return new JsonResponse(['revision' => $sheet->revision]);
    }

    public function update(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'sheet-place');
        $this->book->set($sheet, $body->name ?? null, Schemas::whole($body->position ?? null));

        return new JsonResponse($this->answers->sheet($sheet->refresh()) + ['revision' => $sheet->revision]);
    }

    public function destroy(Sheet $sheet): Response
    {
        $this->book->delete($sheet);

        return new Response(status: 204);
    }

    public function addWidth(Request $request, Sheet $sheet, PageWidths $widths): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'sheet-width');
        $added = $widths->add($sheet, (float) $body->width, $body->name ?? null);

        return new JsonResponse($this->answers->sheet($added) + ['revision' => $added->revision], 201);
    }

    public function copy(Sheet $sheet): JsonResponse
    {
        $copy = $this->book->copy($sheet);

        return new JsonResponse($this->answers->sheet($copy) + ['revision' => $copy->revision], 201);
    }
}
