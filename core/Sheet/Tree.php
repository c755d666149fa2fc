<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\UnknownItem;

/**
 * The items of a sheet, or of those of its branches that were loaded, and how they hang together.
 * What is held back from loading is not asked for: see Needs.
 */
final class Tree
{
    /** @var array<string, Item> */
    private array $items = [];

    /** @var array<string, list<string>>|null children by parent id ('' for the sheet), back to front */
    private ?array $children = null;

    /** @var array<string, Matrix> */
    private array $matrices = [];

    /** @param  iterable<Item>  $items */
    public function __construct(iterable $items = [])
    {
        foreach ($items as $item) {
            $this->items[$item->id] = $item;
        }
    }

    /** @return array<string, Item> */
    public function all(): array
    {
        return $this->items;
    }

    public function has(string $id): bool
    {
        return isset($this->items[$id]);
    }

    /** @throws UnknownItem */
    public function item(string $id): Item
    {
        return $this->items[$id] ?? throw UnknownItem::named($id);
    }

    public function put(Item $item): void
    {
        $before = $this->items[$item->id] ?? null;
        $this->items[$item->id] = $item;
        if ($before === null || $before->parent !== $item->parent || $before->rank !== $item->rank) {
            $this->children = null;
        }
        if ($before === null || $item->kind->holdsItems()) {
            $this->matrices = [];
        }
    }

    public function remove(string $id): void
    {
        unset($this->items[$id]);
        $this->children = null;
    }

    /** @return list<Item> back to front */
    public function children(?string $parent): array
    {
        return array_map(fn (string $id): Item => $this->items[$id], $this->index()[$parent ?? ''] ?? []);
    }

    /** @return list<Item> everything in it, at any depth, each before its own children */
    public function descendants(string $id): array
    {
        $found = [];
        foreach ($this->children($id) as $child) {
            $found[] = $child;
            array_push($found, ...$this->descendants($child->id));
        }

        return $found;
    }

    /** @return list<Item> the groups it lies in, the nearest first */
    public function ancestors(string $id): array
    {
        $found = [];
        for ($parent = $this->item($id)->parent; $parent !== null; $parent = $this->items[$parent]->parent) {
            $found[] = $this->item($parent);
        }

        return $found;
    }

    public function isWithin(string $id, string $ancestor): bool
    {
        foreach ($this->ancestors($id) as $group) {
            if ($group->id === $ancestor) {
                return true;
            }
        }

        return false;
    }

    /** Locked itself, or in a locked group. */
    public function isLocked(string $id): bool
    {
        return $this->item($id)->locked
            || array_filter($this->ancestors($id), static fn (Item $group): bool => $group->locked) !== [];
    }

    /** Hidden itself, or in a hidden group. */
    public function isHidden(string $id): bool
    {
        return $this->item($id)->hidden
            || array_filter($this->ancestors($id), static fn (Item $group): bool => $group->hidden) !== [];
    }

    /** From the space of a group's children to the sheet's; for null, the sheet itself. */
    public function toSheet(?string $group): Matrix
    {
        if ($group === null) {
            return Matrix::identity();
        }

        return $this->matrices[$group] ??= $this->toSheet($this->item($group)->parent)->after($this->item($group)->toParent());
    }

    /** How far an item is turned on the sheet, groups included, in degrees. */
    public function totalAngle(string $id): float
    {
        $item = $this->item($id);

        return $this->toSheet($item->parent)->angle + $item->angle;
    }

    /** @return list<string> all ids in painting order: back to front, each group before what is in it */
    public function inOrder(): array
    {
        $ids = [];
        $walk = function (?string $parent) use (&$walk, &$ids): void {
            foreach ($this->index()[$parent ?? ''] ?? [] as $id) {
                $ids[] = $id;
                $walk($id);
            }
        };
        $walk(null);

        return $ids;
    }

    /** @return array<string, list<string>> */
    private function index(): array
    {
        if ($this->children === null) {
            $this->children = [];
            $items = $this->items;
            uasort($items, static fn (Item $a, Item $b): int => [$a->rank, $a->id] <=> [$b->rank, $b->id]);
            foreach ($items as $item) {
                $this->children[$item->parent ?? ''][] = $item->id;
            }
        }

        return $this->children;
    }
}
