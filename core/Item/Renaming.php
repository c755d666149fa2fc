<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

/** Other ids in place of those that things have: the one way in which copies, pasted items, sheets and files get them. */
final readonly class Renaming
{
    /** @param  array<array-key, string>  $ids  the new id by the one it takes the place of */
    public function __construct(private array $ids)
    {
    }

    /** The new id; the same where it stands for nothing that was renamed. */
    public function of(string $id): string
    {
        return $this->ids[$id] ?? $id;
    }

    public function has(string $id): bool
    {
        return isset($this->ids[$id]);
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    public function all(array $ids): array
    {
        return array_map($this->of(...), $ids);
    }
}
