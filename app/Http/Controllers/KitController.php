<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Clipboard\Excerpt;
use AllSquare\Core\Kit\Kits;
use App\Documents\KitPictures;
use App\Models\OwnKit;
use App\Models\Sheet;
use App\Models\Swatch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Kits: those that come with the application, and those that documents keep. */
final readonly class KitController
{
    public function index(): JsonResponse
    {
        $shipped = [];
        foreach (Kits::all() as $kit => ['title' => $title, 'words' => $words]) {
            $shipped[] = ['kit' => $kit, 'title' => $title, 'words' => $words];
        }

        return new JsonResponse(['shipped' => $shipped, 'kept' => OwnKit::everywhere()], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** What a document keeps, to be pasted elsewhere: in the colours that its swatches have today. */
    public function show(string $kit): JsonResponse
    {
        $row = OwnKit::query()->findOrFail($kit);
        $palette = Swatch::palette($row->document_id);
        $items = self::coloured(OwnKit::fromRow((object) $row->getAttributes())->items, $palette);

        return new JsonResponse(['name' => $row->name, 'file' => ['format' => Excerpt::FORMAT, 'version' => Excerpt::VERSION, 'items' => $items]], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** As it would look on this sheet. */
    public function picture(Sheet $sheet, string $kit, KitPictures $pictures): Response
    {
        return new Response($pictures->of($sheet, $kit), 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'no-cache', 'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:"]);
    }

    /**
     * @param  array<mixed>  $data
     * @param  array<string, string>  $palette
     * @return array<mixed>
     */
    private static function coloured(array $data, array $palette): array
    {
        foreach ($data as $name => $value) {
            $data[$name] = is_array($value) ? self::coloured($value, $palette) : $value;
        }
        if (is_string($data['swatch'] ?? null) && isset($data['colour'], $palette[$data['swatch']])) {
            $data['colour'] = $palette[$data['swatch']];
        }

        return $data;
    }
}
