<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Icons\IconSet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Icons by what they are called, and by other words for it. */
final readonly class IconController
{
    private const MOST = 120;

    public function __construct(private IconSet $icons)
    {
    }

    public function search(Request $request): JsonResponse
    {
        $words = $request->query('search', '');
        $most = $request->query('most', (string) self::MOST);

        return new JsonResponse($this->icons->search(is_string($words) ? mb_substr($words, 0, 100) : '', is_string($most) && ctype_digit($most) ? min(self::MOST, max(1, (int) $most)) : self::MOST) + ['side' => IconSet::SIDE], options: JSON_UNESCAPED_SLASHES);
    }
}
