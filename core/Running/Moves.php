<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** How far the named items have moved on the sheet since the command began. */
final readonly class Moves
{
    /** @param  array<string, array{dx: float, dy: float}>  $distances px, of those that moved at all */
    private function __construct(public array $distances)
    {
    }

    /** @param  list<string>  $ids */
    public static function of(Draft $draft, array $ids): self
    {
        $tree = $draft->before();
        $before = new Boxes($tree, $draft->fonts);
        $after = new Boxes($draft->tree, $draft->fonts);
        $distances = [];
        foreach ($ids as $id) {
            if (! $tree->has($id) || ! $draft->tree->has($id)) {
                continue;
            }
            [$was, $is] = [$before->bounds($id), $after->bounds($id)];
            $distance = ['dx' => Length::round($is->x - $was->x), 'dy' => Length::round($is->y - $was->y)];
            if ($distance !== ['dx' => 0.0, 'dy' => 0.0]) {
                $distances[$id] = $distance;
            }
        }

        return new self($distances);
    }

    /**
     * Together with moves that came before.
     *
     * @param  array<mixed>  $earlier  as listed() gave them
     */
    public function after(array $earlier): self
    {
        $distances = $this->distances;
        foreach ($earlier as $move) {
            if (is_array($move) && is_string($move['id'] ?? null) && is_numeric($move['dx'] ?? null) && is_numeric($move['dy'] ?? null)) {
                $now = $distances[$move['id']] ?? ['dx' => 0.0, 'dy' => 0.0];
                $distances[$move['id']] = ['dx' => Length::round($now['dx'] + (float) $move['dx']), 'dy' => Length::round($now['dy'] + (float) $move['dy'])];
            }
        }

        return new self(array_filter($distances, static fn (array $d): bool => $d !== ['dx' => 0.0, 'dy' => 0.0]));
    }

    public function largest(): float
    {
        return $this->distances === [] ? 0.0 : max(array_map(static fn (array $d): float => max(abs($d['dx']), abs($d['dy'])), $this->distances));
    }

    /** "3 moved, at most 4 px" */
    public function said(): string
    {
        $count = count($this->distances);

        return match (true) {
            $count === 0 => 'nothing moved',
            $count === 1 => '1 moved, by '.Words::px($this->largest()),
            default => "$count moved, at most ".Words::px($this->largest()),
        };
    }

    /** @return list<array{id: string, dx: float, dy: float}> */
    public function listed(): array
    {
        return array_map(static fn (string $id, array $d): array => ['id' => $id, ...$d], array_keys($this->distances), array_values($this->distances));
    }
}
