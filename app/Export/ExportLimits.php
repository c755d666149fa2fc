<?php

declare(strict_types=1);

namespace App\Export;

/** How much is made while someone waits for the answer; more goes to the queue. */
final readonly class ExportLimits
{
    public function __construct(private int $files, private int $megapixels)
    {
    }

    public function isSmall(ExportPlan $plan): bool
    {
        return count($plan->handingOver->assets) <= $this->files && $plan->megapixels() <= $this->megapixels && count($plan->pages) <= 2;
    }
}
