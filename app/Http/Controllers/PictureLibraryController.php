<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pictures\PictureLibrary;
use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Pictures of the library: found by words, looked at, taken. */
final readonly class PictureLibraryController
{
    public function __construct(private PictureLibrary $library)
    {
    }

    public function search(Request $request): JsonResponse
    {
        $words = $request->query('search', '');

        return new JsonResponse(['pictures' => $this->library->search(is_string($words) ? mb_substr($words, 0, 100) : '')], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function show(string $picture): Response
    {
        $entry = $this->library->picture($picture);
        abort_if($entry === null, 404);

        return new Response($entry['svg'], 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, max-age=86400', 'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'"]);
    }

    /** Keeps it here, with who made it: items show it by the key that is answered. */
    public function take(string $picture, PictureStore $store): JsonResponse
    {
        $entry = $this->library->picture($picture);
        abort_if($entry === null, 404);
        $key = $store->keep($entry['svg'], $entry['name'], $entry['credit'])['picture'];
        [$width, $height] = PictureStore::sides($key);

        return new JsonResponse(['picture' => $key, 'name' => $entry['name'], 'width' => $width, 'height' => $height, 'credit' => $entry['credit'], 'notes' => []], 201, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
