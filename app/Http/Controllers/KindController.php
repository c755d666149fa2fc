<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use Illuminate\Http\JsonResponse;

/** What kinds of items there are: what they are called, what they have, and what they can be asked. */
final class KindController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['kinds' => array_map(static fn (Kind $kind): array => Kinds::toAnswer($kind), array_values(Kinds::all()))], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
