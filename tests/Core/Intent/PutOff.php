<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Scene;

/** A square layout in which a few things are put off by 2 to 6 px across and down. */
final readonly class PutOff
{
    private Scene $scene;

    private Randomizer $chance;

    public function __construct(string $kind, int $seed)
    {
        $this->scene = Corpus::square($kind, $seed);
        $this->chance = new Randomizer(new Mt19937($seed * 31 + 7));
    }

    /** Counts what becomes of it, unless that were more than a third of all things. */
    public function count(int $count, Scores $scores): void
    {
        $plan = Scores::plan($this->scene);
        if (3 * $count > count($plan->placed)) {
            return;
        }
        $off = array_flip($this->chance->pickArrayKeys($plan->placed, $count));
        $put = array_map(fn (Placed $one, int $i): Placed => isset($off[$i]) ? $one->in($one->box->moved($this->px(), $this->px())) : $one, $plan->placed, array_keys($plan->placed));
        $disturbed = Plan::ofSeen($put);
        $sheet = $this->scene->sheet;
        $meant = (new Intent($sheet, $disturbed, [], Wish::of($sheet)))->ofSheet();
        foreach ($plan->placed as $i => $one) {
            $isBack = max(abs($meant[0]->boxes[$i]->x - $one->box->x), abs($meant[0]->boxes[$i]->y - $one->box->y)) < 0.01;
            $scores->count(isset($off[$i]) ? 'mended' : 'stayed', $isBack);
        }
        $true = array_column($plan->placed, null, 'id');
        foreach (OddGaps::in(Ledger::of($disturbed, $sheet->box()), $meant)->gaps as $gap) {
            if ($this->counts($gap, $true)) {
                $was = $this->size($gap->axis, $true[$gap->a]->box, $true[$gap->b]->box);
                $isOdd = abs($was - $gap->size) > 0.01;
                if ($gap->odd) {
                    $scores->count('precision', $isOdd);
                }
                if ($isOdd) {
                    $scores->count('recall', $gap->odd);
                }
            }
        }
    }

    private function px(): float
    {
        return ($this->chance->getInt(0, 1) === 1 ? 1.0 : -1.0) * $this->chance->getInt(2, 6);
    }

    /**
     * The gap beside a ragged side is none.
     *
     * @param  array<string, Placed>  $true
     */
    private function counts(Gap $gap, array $true): bool
    {
        return $gap->axis === Axis::Y || (($true[$gap->a]->standsBy ?? 1.0) === 1.0 && ($true[$gap->b]->standsBy ?? 0.0) === 0.0);
    }

    private function size(Axis $axis, Rect $a, Rect $b): float
    {
        return $axis->lead($b) - $axis->trail($a);
    }
}
