<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Takes pictures, and gives them as large as they are seen. */
final readonly class PictureController
{
    public function __construct(private PictureStore $pictures)
    {
    }

    /** Takes the file itself; items show it by the key that is answered. */
    public function store(Request $request): JsonResponse
    {
        $name = $request->query('name');
        $kept = $this->pictures->keep($request->getContent(), is_string($name) ? $name : '');
        [$width, $height] = PictureStore::sides($kept['picture']);

        return new JsonResponse(['picture' => $kept['picture'], 'width' => $width, 'height' => $height, 'notes' => $kept['notes']], 201, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function show(Request $request, string $picture): BinaryFileResponse
    {
        $size = $request->query('size');
        $path = $this->pictures->file($picture, is_string($size) && ctype_digit($size) ? (float) $size : INF);
        abort_if($path === null, 404);

        return new BinaryFileResponse($path, 200, ['Content-Type' => PictureStore::mime($path), 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    /** What is known of it: the name of its file, and who made it. */
    public function about(string $picture): JsonResponse
    {
        $about = $this->pictures->about($picture);
        abort_if($about === null, 404);

        return new JsonResponse($about, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
