<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Text\FontLibrary;
use App\Storage\OwnFonts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The fonts that texts can be set in, and their outlines, which are fetched once. */
final readonly class FontController
{
    public function __construct(private FontLibrary $fonts, private OwnFonts $own)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['families' => $this->fonts->families(), 'own' => array_values(array_unique(array_column($this->own->index(), 'family'))), 'hashes' => $this->fonts->hashes()]);
    }

    /** Takes a font file; a document has it once the command add-font says so. */
    public function store(Request $request): JsonResponse
    {
        $key = $this->own->keep($request->getContent());

        return new JsonResponse(['font' => $key, ...$this->own->index()[$key]], 201);
    }

    public function outlines(string $font, string $hash): JsonResponse
    {
        abort_unless(($this->fonts->hashes()[$font] ?? null) === $hash, 404);

        return new JsonResponse($this->fonts->outlines($font), 200, ['Cache-Control' => 'public, max-age=31536000, immutable']);
    }
}
