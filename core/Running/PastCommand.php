<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

/** A command as the history keeps it. */
final readonly class PastCommand
{
    /**
     * @param  array<string, mixed>  $params
     * @param  array<mixed>  $report
     * @param  list<string>  $after  ids that were selected afterwards
     * @param  string  $unit  in which bare numbers in sums were given
     */
    public function __construct(public string $name, public array $params, private array $report, public array $after, public string $unit = 'px')
    {
    }

    /** @return array{dx: float, dy: float}|null how far everything moved, where it is the same distance for all */
    public function distance(): ?array
    {
        $moved = $this->report['moved'] ?? null;
        $distances = [];
        foreach (is_array($moved) ? $moved : [] as $move) {
            if (is_array($move) && is_numeric($move['dx'] ?? null) && is_numeric($move['dy'] ?? null)) {
                $distances["{$move['dx']} {$move['dy']}"] = ['dx' => (float) $move['dx'], 'dy' => (float) $move['dy']];
            }
        }

        return count($distances) === 1 ? array_values($distances)[0] : null;
    }
}
