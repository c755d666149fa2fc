<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Tree;

/** Which things of two sheets are the same: by what they were copied from, else by name, kind and place. */
final readonly class Matching
{
    /**
     * @param  array<string, string>  $there  by id on this sheet, the id on the other
     * @param  array<string, string>  $here  the other way round
     */
    private function __construct(public array $there, public array $here)
    {
    }

    public static function of(Tree $a, Boxes $boxesOfA, Tree $b, Boxes $boxesOfB): self
    {
        $there = self::byOrigin($a, $b);
        $here = array_flip($there);
        $left = [];
        foreach ($b->all() as $id => $item) {
            if (! isset($here[$id])) {
                $left[self::likeness($item)][] = (string) $id;
            }
        }
        foreach ($a->all() as $id => $item) {
            $alike = $left[self::likeness($item)] ?? [];
            if (isset($there[$id]) || $alike === []) {
                continue;
            }
            $centre = $boxesOfA->bounds($item->id)->centre();
            $far = static fn (string $other): float => hypot($boxesOfB->bounds($other)->centre()->x - $centre->x, $boxesOfB->bounds($other)->centre()->y - $centre->y);
            usort($alike, static fn (string $one, string $two): int => $far($one) <=> $far($two));
            $there[$id] = $alike[0];
            $left[self::likeness($item)] = array_slice($alike, 1);
        }

        return new self($there, array_map(strval(...), array_flip($there)));
    }

    /** @return array<string, string> */
    private static function byOrigin(Tree $a, Tree $b): array
    {
        $of = [];
        foreach ($b->inOrder() as $id) {
            $of[$b->item($id)->knownAs()][] = $id;
        }
        $there = $taken = [];
        foreach ($a->inOrder() as $id) {
            $item = $a->item($id);
            // An id itself says most: of several copies of one thing, the first that is left.
            $found = $b->has($id) ? $id : ($of[$item->knownAs()][0] ?? null);
            if ($found !== null && ! isset($taken[$found])) {
                $there[$id] = $found;
                $taken[$found] = true;
                $of[$item->knownAs()] = array_values(array_diff($of[$item->knownAs()] ?? [], [$found]));
            }
        }

        return $there;
    }

    private static function likeness(Item $item): string
    {
        return "{$item->kind->name()} $item->name";
    }
}
