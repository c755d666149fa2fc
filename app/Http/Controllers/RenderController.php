<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Slice\Slice as CoreSlice;
use AllSquare\Core\Text\FontLibrary;
use App\Export\Rasteriser;
use App\Export\SheetPicture;
use App\Models\Sheet;
use App\Models\Slice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A sheet, or one of its slices, as a picture. */
final readonly class RenderController
{
    public function __construct(private FontLibrary $fonts)
    {
    }

    public function svg(Request $request, Sheet $sheet): Response
    {
        return self::picture($this->painted($request, $sheet, 1.0), 'image/svg+xml');
    }

    public function png(Request $request, Sheet $sheet, Rasteriser $rasteriser): Response
    {
        $given = $request->query('scale', '1');
        if (! is_string($given) || ! is_numeric($given) || (float) $given <= 0 || (float) $given > 16) {
            throw Refusal::because('The scale is a number above 0 and 16 at most.', 'scale');
        }
        $scale = (float) $given;
        $rasteriser->refuseTooLarge($this->slice($request, $sheet)->pixels($scale));

        return self::picture($rasteriser->pngs([$this->painted($request, $sheet, $scale)])[0], 'image/png');
    }

    /** The colour of one pixel of the sheet as it is painted and exported, #rrggbb; null where nothing is painted. */
    public function colour(Request $request, Sheet $sheet, Rasteriser $rasteriser): JsonResponse
    {
        $core = $sheet->toCore();
        $at = array_map(static fn (string $axis): ?float => is_numeric($request->query($axis)) ? (float) $request->query($axis) : null, ['x', 'y']);
        if ($at[0] === null || $at[1] === null || ! $core->box()->contains(new Rect($at[0], $at[1], 0.0, 0.0))) {
            throw Refusal::because('Point at a place on the sheet: x and y in px, from its top left.', 'x');
        }
        $pixel = new Rect(min(floor($at[0]), $core->width() - 1), min(floor($at[1]), $core->height() - 1), 1.0, 1.0);
        $picture = imagecreatefromstring($rasteriser->pngs([(new SheetPicture($sheet->id, $this->fonts))->svg($pixel, [1, 1], $sheet->background)])[0]);
        $of = $picture === false ? 0x7F000000 : (int) imagecolorat($picture, 0, 0);

        return new JsonResponse(['colour' => $of >> 24 === 127 ? null : sprintf('#%06x', $of & 0xFFFFFF)]);
    }

    private function painted(Request $request, Sheet $sheet, float $scale): string
    {
        $slice = $this->slice($request, $sheet);

        return (new SheetPicture($sheet->id, $this->fonts))->svg($slice->box, $slice->pixels($scale), $sheet->background);
    }

    /** The slice asked for; without one, the whole sheet as if it were one. */
    private function slice(Request $request, Sheet $sheet): CoreSlice
    {
        $id = $request->query('slice');

        return is_string($id)
            ? Slice::query()->where('sheet_id', $sheet->id)->findOrFail($id)->toCore()
            : new CoreSlice($sheet->id, 0, $sheet->name, $sheet->toCore()->box());
    }

    private static function picture(string $bytes, string $type): Response
    {
        return new Response($bytes, 200, ['Content-Type' => $type, 'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'"]);
    }
}
