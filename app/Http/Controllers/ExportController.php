<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\Asset;
use App\Archives\Archives;
use App\Archives\PastArchives;
use App\Contract\Schemas;
use App\Export\ArchiveMaker;
use App\Export\ExportLimits;
use App\Export\ExportOrder;
use App\Export\ExportPlan;
use App\Export\SheetPictures;
use App\Http\Body;
use App\Http\Download;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use App\Tools\FileWriting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Hands slices over: says what an order comes to, makes a small one at once, gives a larger one to the queue. */
final readonly class ExportController
{
    public function __construct(private Schemas $schemas, private SheetLoader $loader, private SheetPictures $pictures)
    {
    }

    /** The files an order comes to, and what is to be known about them, before any is made. */
    public function plan(Request $request, Sheet $sheet, ExportLimits $limits): JsonResponse
    {
        $plan = $this->ordered($request, $sheet);

        return new JsonResponse([
            'files' => array_map(static fn (Asset $asset): array => [
                'slice' => $asset->slice->id,
                'file' => $asset->file,
                'format' => $asset->format->value,
                'scale' => $asset->scale?->text(),
                'width' => $asset->pixels[0],
                'height' => $asset->pixels[1],
            ], $plan->handingOver->assets),
            'areas' => array_map(fn (Slice $slice): array => ['slice' => $slice->id, ...$plan->picture->areas->of($slice)->toArray()], $plan->slices),
            'warnings' => $plan->handingOver->warnings,
            'names' => $plan->names(),
            'megapixels' => round($plan->megapixels(), 3),
            'small' => $limits->isSmall($plan),
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** The archive itself where it is small; else, or where that is preferred (RFC 7240, respond-async), 202 and an archive to follow. */
    public function export(Request $request, Sheet $sheet, ExportLimits $limits, ArchiveMaker $maker, Archives $archives): BinaryFileResponse|JsonResponse
    {
        $plan = $this->ordered($request, $sheet);
        if (! $limits->isSmall($plan) || str_contains(strtolower((string) $request->header('Prefer')), 'respond-async')) {
            $archive = $archives->order($sheet, $plan->order, $plan);

            return new JsonResponse(ArchiveController::answer($archive), 202, ['Location' => "/api/archives/$archive->id"], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        }
        $folder = sys_get_temp_dir().'/allsquare-export-'.bin2hex(random_bytes(8));
        try {
            FileWriting::folder($folder);
            $made = $maker->make($plan, $folder, new PastArchives($sheet->document_id), PastArchives::last($sheet->id), static function (): void {
            });
            $path = (string) tempnam(sys_get_temp_dir(), 'archive');
            FileWriting::move($made->path, $path);
        } finally {
            File::deleteDirectory($folder);
        }

        return Download::archive($path, $sheet->name)->deleteFileAfterSend();
    }

    private function ordered(Request $request, Sheet $sheet): ExportPlan
    {
        $this->schemas->check($body = Body::of($request), 'export');

        return ExportPlan::of($sheet, ExportOrder::fromArray((array) json_decode((string) json_encode($body), true)), $this->loader, $this->pictures);
    }
}
