<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Unit;
use App\Export\CheckReport;
use App\Export\SheetPictures;
use App\Models\Sheet;
use App\Sheets\CheckReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is not right on a sheet. Nothing is changed by it. */
final readonly class CheckController
{
    public function __construct(private CheckReader $reader, private CheckReport $report, private SheetPictures $pictures)
    {
    }

    public function show(Request $request, Sheet $sheet): JsonResponse
    {
        return new JsonResponse($this->looked($request, $sheet), options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    public function html(Request $request, Sheet $sheet): Response
    {
        return self::sent($this->report->html($this->pictures->of($sheet), $this->looked($request, $sheet)), 'text/html; charset=utf-8');
    }

    public function pdf(Request $request, Sheet $sheet): Response
    {
        return self::sent($this->report->pdf($this->pictures->of($sheet), $this->looked($request, $sheet)), 'application/pdf');
    }

    /** @return array<string, mixed> */
    private function looked(Request $request, Sheet $sheet): array
    {
        $unit = $request->query('unit');

        return $this->reader->answer($sheet, Unit::tryFrom(is_string($unit) ? $unit : '') ?? Unit::Px);
    }

    private static function sent(string $bytes, string $type): Response
    {
        return new Response($bytes, 200, ['Content-Type' => $type, 'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:"]);
    }
}
