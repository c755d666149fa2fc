<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\DimensionDrawing\Drawing;
use AllSquare\Core\DimensionDrawing\Listing;
use AllSquare\Core\DimensionDrawing\MeasuredSheet;
use AllSquare\Core\DimensionDrawing\MeasuredSheetOptions;
use AllSquare\Core\DimensionDrawing\MeasureKind;
use AllSquare\Core\DimensionDrawing\Stylesheet;
use AllSquare\Core\Item\By;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\FieldName;
use AllSquare\Core\Text\FontLibrary;
use App\Export\MeasuredFiles;
use App\Export\SheetPicture;
use App\Export\SheetPictures;
use App\Models\Sheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A layout with its lengths, drawn and listed, for the one who builds it. */
final readonly class MeasuredController
{
    public function __construct(private MeasuredFiles $files, private FontLibrary $fonts, private SheetPictures $pictures)
    {
    }

    /** The parts, the measures, how many of these are listed only, and the values as CSS. */
    public function show(Request $request, Sheet $sheet): JsonResponse
    {
        [, $measured] = $this->asked($request, $sheet);

        return new JsonResponse([
            'parts' => $measured->parts,
            'distances' => (new Listing($measured, $this->fonts))->distances(),
            'left_out' => (new Drawing($measured, $this->fonts))->leftOut(),
            'css' => (new Stylesheet($measured))->css(),
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    public function svg(Request $request, Sheet $sheet): Response
    {
        return self::sent($this->files->svg(...[...$this->asked($request, $sheet), $request->query('list') !== '0']), 'image/svg+xml');
    }

    public function pdf(Request $request, Sheet $sheet): Response
    {
        return self::sent($this->files->pdf(...$this->asked($request, $sheet)), 'application/pdf');
    }

    public function html(Request $request, Sheet $sheet): Response
    {
        return self::sent($this->files->html(...$this->asked($request, $sheet)), 'text/html; charset=utf-8');
    }

    /** @return array{SheetPicture, MeasuredSheet} */
    private function asked(Request $request, Sheet $sheet): array
    {
        $picture = $this->pictures->of($sheet);

        return [$picture, $this->files->measured($picture, self::wish($request))];
    }

    private static function wish(Request $request): MeasuredSheetOptions
    {
        $list = static fn (string $name): ?array => is_string($request->query($name)) && $request->query($name) !== '' ? explode(',', $request->query($name)) : null;
        $level = $request->query('level');
        $by = $request->query('by', 'frame');
        $kinds = $list('show');

        return new MeasuredSheetOptions(
            $list('items'),
            is_string($level) && $level !== '' ? $level : null,
            $kinds === null ? [MeasureKind::Size, MeasureKind::Gap, MeasureKind::Margin] : array_map(static fn (string $word): MeasureKind => MeasureKind::tryFrom($word) ?? throw Refusal::because('"show" is a list of: size, gap, margin, grid.', 'show'), $kinds),
            (is_string($by) ? By::tryFrom($by) : null) ?? throw Refusal::because(FieldName::first('by').' has to be one of: frame, ink, upright.', 'by'),
        );
    }

    private static function sent(string $bytes, string $type): Response
    {
        return new Response($bytes, 200, ['Content-Type' => $type, 'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'"]);
    }
}
