<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Text\FontLibrary;
use Illuminate\Http\JsonResponse;

/** The fonts that texts can be set in, and their outlines, which are fetched once. */
final readonly class FontController
{
    public function __construct(private FontLibrary $fonts)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['families' => $this->fonts->families(), 'hashes' => $this->fonts->hashes()]);
    }

    public function outlines(string $font, string $hash): JsonResponse
    {
        abort_unless(($this->fonts->hashes()[$font] ?? null) === $hash, 404);

        return new JsonResponse($this->fonts->outlines($font), 200, ['Cache-Control' => 'public, max-age=31536000, immutable']);
    }
}
