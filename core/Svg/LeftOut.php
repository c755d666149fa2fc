<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

/** What of a drawing was not taken over, by name and count. */
final class LeftOut
{
    /** @var array<string, int> */
    private array $counts = [];

    /** @param  string  $what  in the singular: a filter */
    public function add(string $what): void
    {
        $this->counts[$what] = ($this->counts[$what] ?? 0) + 1;
    }

    /** @return list<array{what: string, count: int}> the most frequent first */
    public function listed(): array
    {
        $counts = $this->counts;
        uksort($counts, static fn (string $a, string $b): int => [-$counts[$a], $a] <=> [-$counts[$b], $b]);

        return array_map(static fn (string $what, int $count): array => ['what' => $what, 'count' => $count], array_keys($counts), array_values($counts));
    }
}
