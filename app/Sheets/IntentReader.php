<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Plan;
use App\Models\Sheet;

/** Reads the layout that was meant from the boxes that are kept with the items. */
final readonly class IntentReader
{
    public function __construct(private PlanLoader $plans, private SheetLoader $loader)
    {
    }

    /**
     * @param  list<string>|null  $items  null for the whole sheet
     * @return list<Meant> the innermost first
     */
    public function read(Sheet $sheet, ?array $items, Wish $wish): array
    {
        $intent = $this->intent($sheet, $this->plans->plan($sheet->id, By::Frame, letters: true), $wish);

        return $items === null ? $intent->ofSheet() : $intent->ofItems($items);
    }

    /** Every gap of the sheet, with what is expected of those that are odd. */
    public function ledger(Sheet $sheet, By $by): Ledger
    {
        $core = $sheet->toCore();
        $plan = $this->plans->plan($sheet->id, $by, letters: true);

        return OddGaps::in(Ledger::of($plan, $core->box()), $this->intent($sheet, $plan, Wish::of($core, by: $by))->ofSheet());
    }

    private function intent(Sheet $sheet, Plan $plan, Wish $wish): Intent
    {
        return new Intent($sheet->toCore(), $plan, $this->loader->belongings(Guide::class, $sheet), $wish);
    }
}
