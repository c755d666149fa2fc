<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DrawingFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Reads drawings in SVG as what can be pasted. Nothing is changed by it. */
final readonly class DrawingController
{
    public function __construct(private DrawingFiles $drawings)
    {
    }

    public function read(Request $request): JsonResponse
    {
        $name = $request->query('name');

        return new JsonResponse($this->drawings->read($request->getContent(), is_string($name) ? $name : ''), options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
