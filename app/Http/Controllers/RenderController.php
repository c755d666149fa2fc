<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Paint\Contrast;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Background;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Scale;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Slice\Asset;
use AllSquare\Core\Slice\HandingOver;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\UnknownItem;
use App\Export\AssetFiles;
use App\Export\PaintedContrast;
use App\Export\SheetPicture;
use App\Export\SheetPictures;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use App\Tools\Rasteriser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A sheet, or one of its slices, as a picture. */
final readonly class RenderController
{
    public function __construct(private FontLibrary $fonts, private SheetPictures $pictures, private SheetLoader $loader, private Rasteriser $rasteriser)
    {
    }

    /** With `pixels`, its pictures are as small as they may be for a longer side of so many. */
    public function svg(Request $request, Sheet $sheet): Response
    {
        [$picture, $asset] = $this->asked($request, $sheet, FileFormat::Svg);
        $pixels = $request->query('pixels');
        $factor = is_string($pixels) && ctype_digit($pixels) ? (float) $pixels / max(1.0, $asset->area->w, $asset->area->h) : INF;

        return self::picture($picture->asset($asset, true, $factor), FileFormat::Svg);
    }

    public function png(Request $request, Sheet $sheet, AssetFiles $files): Response
    {
        $given = $request->query('scale', '1');
        $scale = is_string($given) ? Scale::read($given) : throw Refusal::because('A size reads like 2x, 300w or 200h.', 'scale');

        return self::picture($files->one(...$this->asked($request, $sheet, FileFormat::Png, $scale)), FileFormat::Png);
    }

    public function pdf(Request $request, Sheet $sheet): Response
    {
        [$picture, $asset] = $this->asked($request, $sheet, FileFormat::Pdf);

        return self::picture($this->rasteriser->pdf([$picture->asset($asset, true)]), FileFormat::Pdf);
    }

    /** The colour of one pixel of the sheet as it is painted and exported, #rrggbb; null where nothing is painted. */
    public function colour(Request $request, Sheet $sheet): JsonResponse
    {
        $core = $sheet->toCore();
        $at = array_map(static fn (string $axis): ?float => is_numeric($request->query($axis)) ? (float) $request->query($axis) : null, ['x', 'y']);
        if ($at[0] === null || $at[1] === null || ! $core->picture()->contains(new Rect($at[0], $at[1], 0.0, 0.0))) {
            throw Refusal::because('Point at a place on the sheet: x and y in px, from its top left.', 'x');
        }
        $pixel = new Rect(min(floor($at[0]), $core->width() - 1), min(floor($at[1]), $core->height() - 1), 1.0, 1.0);
        $picture = imagecreatefromstring($this->rasteriser->png($this->pictureOf($sheet)->svg($pixel, 1.0, [1, 1], $sheet->background)));
        $of = $picture === false ? 0x7F000000 : (int) imagecolorat($picture, 0, 0);

        return new JsonResponse(['colour' => $of >> 24 === 127 ? null : sprintf('#%06x', $of & 0xFFFFFF)]);
    }

    /** How much a text stands out from what lies beneath it, by the painted colours; null where no letter of it is seen. */
    public function contrast(Request $request, Sheet $sheet, PaintedContrast $contrast): JsonResponse
    {
        $picture = $this->pictureOf($sheet);
        $id = $request->query('item');
        $item = $picture->tree->item(is_string($id) ? $id : '');
        $ink = (new Boxes($picture->tree, $this->fonts))->painted($item->id);
        if (! $item->kind instanceof HasWords) {
            throw Refusal::because(Words::quoted($item).' says nothing, so that there are no letters to be read.', 'item');
        }

        return new JsonResponse([
            'ratio' => $ink === null || $picture->tree->isHidden($item->id) ? null : $contrast->of($picture, $item->id, $ink),
            'needed' => Contrast::needed($item->number('size'), $item->number('weight')),
        ]);
    }

    /**
     * The slice asked for; without one, the whole sheet as if it were one.
     *
     * @return array{SheetPicture, Asset}
     */
    private function asked(Request $request, Sheet $sheet, FileFormat $format, ?Scale $scale = null): array
    {
        $picture = $this->pictureOf($sheet);
        $id = $request->query('slice');
        $slice = is_string($id) ? $this->slice($sheet, $id) : new Slice($sheet->id, 0, 'sheet', $picture->sheet->picture());
        $plain = new Slice($slice->id, 0, $slice->name, $slice->box, $slice->cut->with(['scales' => null, 'formats' => null]));
        $asset = HandingOver::of($picture->sheet, [$plain], new HandOverSettings([$scale ?? Scale::read(1)], [$format], Background::read('sheet')), $picture->areas)->assets[0];
        if ($format->isRaster()) {
            Rasteriser::refuseTooLarge($asset->pixels);
            $this->refuseMore($asset->pixels);
        }

        return [$picture, $asset];
    }

    /** @param  array{int, int}  $pixels */
    private function refuseMore(array $pixels): void
    {
        $most = (int) config('allsquare.drawing.megapixels');
        if ($most * 1_000_000 < $pixels[0] * $pixels[1]) {
            throw Refusal::because(sprintf('A picture has %d megapixels at most; this would have %s. Order an archive for more.', $most, number_format($pixels[0] * $pixels[1] / 1_000_000, 1)), 'scale');
        }
    }

    private function slice(Sheet $sheet, string $id): Slice
    {
        foreach ($this->loader->belongings(Slice::class, $sheet) as $slice) {
            if ($slice->id === $id) {
                return $slice;
            }
        }
        throw UnknownItem::named($id, 'slice');
    }

    private function pictureOf(Sheet $sheet): SheetPicture
    {
        return $this->pictures->of($sheet);
    }

    private static function picture(string $bytes, FileFormat $format): Response
    {
        return new Response($bytes, 200, ['Content-Type' => $format->mediaType(), 'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:"]);
    }
}
