<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\MasksOthers;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\UnknownItem;

/**
 * The items of a sheet, or of those of its branches that were loaded, and how they hang together.
 * What is held back from loading is not asked for: see Needs.
 */
final class Tree
{
    /** how deep groups can lie in each other */
    public const DEEPEST = 24;

    /** @var array<string, Item> */
    private array $items = [];

    /** @var array<string, array<string, true>>|null ids of children by parent id ('' for the sheet) */
    private ?array $children = null;

    /** @var array<string, list<string>> the same, back to front, of those parents that were asked for since they changed */
    private array $sorted = [];

    /** @var array<string, Matrix> */
    private array $matrices = [];

    /** @var array<string, true> ids of items that were put or removed since it was made: only these can be others than they were */
    private array $touched = [];

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

    /** @return array<string, true> ids of what was put or removed since it was made, as keys */
    public function touched(): array
    {
        return $this->touched;
    }

    public function put(Item $item): void
    {
        $this->touched[$item->id] = true;
        $before = $this->items[$item->id] ?? null;
        $this->items[$item->id] = $item;
        if ($this->children !== null && ($before === null || $before->parent !== $item->parent || $before->rank !== $item->rank)) {
            if ($before !== null) {
                unset($this->children[$before->parent ?? ''][$item->id], $this->sorted[$before->parent ?? '']);
            }
            $this->children[$item->parent ?? ''][$item->id] = true;
            unset($this->sorted[$item->parent ?? '']);
        }
        if ($before === null || $item->holdsItems()) {
            $this->matrices = [];
        }
    }

    public function remove(string $id): void
    {
        $this->touched[$id] = true;
        $parent = $this->items[$id]->parent ?? '';
        unset($this->items[$id], $this->children[$parent][$id], $this->sorted[$parent]);
    }

    /** @return list<Item> back to front */
    public function children(?string $parent): array
    {
        $children = [];
        foreach ($this->sorted($parent ?? '') as $id) {
            $children[] = $this->items[$id];
        }

        return $children;
    }

    /** @return list<Item> back to front as they are painted: of what lies in a rail, that comes later which is lifted over others (RULES 13) */
    public function painted(?string $parent): array
    {
        $children = $this->children($parent);
        if ($parent !== null && $this->item($parent)->rail() !== null) {
            usort($children, static fn (Item $a, Item $b): int => $a->berth()->over <=> $b->berth()->over);
        }

        return $children;
    }

    /** The thing in an item that masks the others: the foremost that is not hidden; null where nothing does. */
    public function mask(?string $parent): ?Item
    {
        if ($parent === null || ! $this->item($parent)->kind instanceof MasksOthers) {
            return null;
        }
        $shown = array_filter($this->children($parent), static fn (Item $child): bool => ! $child->hidden);

        return $shown === [] ? null : $shown[array_key_last($shown)];
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

    /**
     * The innermost group that all of them lie in; null for the sheet.
     *
     * @param  list<string>  $ids
     */
    public function commonParent(array $ids): ?string
    {
        $shared = null;
        foreach ($ids as $id) {
            $chain = array_map(static fn (Item $group): string => $group->id, $this->ancestors($id));
            $shared = $shared === null ? $chain : array_values(array_intersect($shared, $chain));
        }

        return $shared[0] ?? null;
    }

    /** Locked itself, or in a locked group; what is a reference is locked. */
    public function isLocked(string $id): bool
    {
        $item = $this->item($id);

        return $item->locked || $item->reference
            || array_filter($this->ancestors($id), static fn (Item $group): bool => $group->locked || $group->reference) !== [];
    }

    /** A reference itself, or in one. */
    public function isReference(string $id): bool
    {
        return $this->item($id)->reference
            || array_filter($this->ancestors($id), static fn (Item $group): bool => $group->reference) !== [];
    }

    /** Hidden itself, in a hidden group, or a part of what is shown as one. */
    public function isHidden(string $id): bool
    {
        return $this->item($id)->hidden
            || array_filter($this->ancestors($id), static fn (Item $group): bool => $group->hidden || $group->kind instanceof ShowsAsOne) !== [];
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
            foreach ($this->sorted($parent ?? '') as $id) {
                $ids[] = $id;
                $walk($id);
            }
        };
        $walk(null);

        return $ids;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function byRank(array $ids): array
    {
        // Mostly they come in their order.
        $last = PHP_INT_MIN;
        foreach ($ids as $id) {
            $rank = $this->items[$id]->rank;
            if ($rank <= $last) {
                usort($ids, fn (string $a, string $b): int => $this->items[$a]->rank <=> $this->items[$b]->rank ?: $a <=> $b);
                break;
            }
            $last = $rank;
        }

        return $ids;
    }

    /** @return list<string> ids of the children, back to front */
    private function sorted(string $parent): array
    {
        if ($this->children === null) {
            $this->children = [];
            foreach ($this->items as $id => $item) {
                $this->children[$item->parent ?? ''][$id] = true;
            }
        }
        if (! isset($this->sorted[$parent])) {
            $this->sorted[$parent] = $this->byRank(array_map(strval(...), array_keys($this->children[$parent] ?? [])));
        }

        return $this->sorted[$parent];
    }
}
