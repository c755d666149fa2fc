<?php

declare(strict_types=1);

namespace Tests\Bench;

/** Prints what was measured beside what is asked for, and remembers whether all of it was kept. */
final class Figures
{
    private bool $kept = true;

    public function atMost(float $most, float $value, string $unit): void
    {
        $this->held($value <= $most, $value, $unit, "at most $most");
    }

    public function atLeast(float $least, float $value, string $unit): void
    {
        $this->held($value >= $least, $value, $unit, "at least $least");
    }

    public function areKept(): bool
    {
        return $this->kept;
    }

    private function held(bool $isKept, float $value, string $unit, string $asked): void
    {
        $this->kept = $this->kept && $isKept;
        printf("%.2f %s (%s)%s\n", $value, $unit, $asked, $isKept ? '' : '  <- past the figure');
    }
}
