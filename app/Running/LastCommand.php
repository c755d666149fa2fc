<?php

declare(strict_types=1);

namespace App\Running;

use AllSquare\Core\Command\Again;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\PastCommand;
use App\Contract\CommandCall;
use App\Models\HistoryLine;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Collection;

/** Puts what was done last in the place of "again". */
final readonly class LastCommand
{
    private const LINES = 60;

    public function resolved(Sheet $sheet, CommandCall $call): CommandCall
    {
        if (! $call->command instanceof Again) {
            return $call;
        }
        /** @var Collection<int, HistoryLine> $lines */
        $lines = HistoryLine::query()
            ->where('document_id', $sheet->document_id)->where('undone', false)
            ->orderByDesc('id')->limit(self::LINES)
            ->get(['command', 'params', 'report', 'selected_after', 'unit']);
        [$name, $params, $unit] = Again::of($lines->map(static fn (HistoryLine $line): PastCommand => new PastCommand($line->command, $line->params, $line->report, $line->selected_after, $line->unit)));

        return $call->of(Catalogue::make($name, $params), $params, Unit::from($unit));
    }
}
