<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Sheet\Swatch;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Tokens\CustomProperties;
use AllSquare\Core\Tokens\TokenFile;
use App\Http\Download;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use Illuminate\Http\Response;

/** What a document has agreed on, with the spacing of a sheet of it, as design tokens. */
final readonly class TokenController
{
    public function __construct(private SheetLoader $loader, private TokenFile $tokens)
    {
    }

    public function json(Sheet $sheet): Response
    {
        $file = json_encode((object) $this->of($sheet), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return new Response("$file\n", 200, ['Content-Type' => 'application/json', 'Content-Disposition' => Download::disposition("$sheet->name tokens", 'json')]);
    }

    public function css(Sheet $sheet): Response
    {
        return new Response(CustomProperties::of($this->of($sheet)), 200, ['Content-Type' => 'text/css; charset=utf-8', 'Content-Disposition' => Download::disposition("$sheet->name tokens", 'css')]);
    }

    /** @return array<string, array<string, mixed>> */
    private function of(Sheet $sheet): array
    {
        return $this->tokens->write($this->loader->belongings(Swatch::class, $sheet), $this->loader->belongings(TypeScale::class, $sheet)[0] ?? null, $this->loader->belongings(TypeStyle::class, $sheet), $sheet->toCore());
    }
}
