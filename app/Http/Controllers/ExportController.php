<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Slice\FileNames;
use App\Export\SliceArchive;
use App\Http\Body;
use App\Http\Schemas;
use App\Models\Sheet;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final readonly class ExportController
{
    public function __construct(private Schemas $schemas)
    {
    }

    public function export(Request $request, Sheet $sheet, SliceArchive $archive): BinaryFileResponse
    {
        $this->schemas->check($body = Body::of($request), 'export');
        $path = $archive->make($sheet, $body->slices ?? null, array_map(floatval(...), $body->scales ?? [1]), $body->background ?? 'sheet');
        $name = str_replace('/', '-', (new FileNames)->stem($sheet->name));
        $ascii = (string) preg_replace('/[^A-Za-z0-9 ._-]/', '_', $name);

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip'], false))
            ->setContentDisposition('attachment', "$name.zip", "$ascii.zip")
            ->deleteFileAfterSend();
    }
}
