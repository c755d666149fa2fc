<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

/** What a command did, in words and in figures. */
final readonly class Report
{
    /**
     * @param  string  $summary  the line of the history
     * @param  list<string>  $selection  ids that are selected afterwards
     * @param  array<string, mixed>  $details  figures for the report, by name
     */
    public function __construct(public string $summary, public array $selection = [], public array $details = [])
    {
    }

    /** @param  array<string, mixed>  $details */
    public function with(array $details): self
    {
        return new self($this->summary, $this->selection, [...$this->details, ...$details]);
    }
}
