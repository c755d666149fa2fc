<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use Illuminate\Contracts\View\View;

/** The one page of the interface. What kinds of items there are comes with it, since nothing can be shown without. */
final class PageController
{
    public function show(): View
    {
        $kinds = array_map(static fn (Kind $kind): array => Kinds::toAnswer($kind), array_values(Kinds::all()));

        return view('desk', ['kinds' => json_encode($kinds, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE)]);
    }
}
