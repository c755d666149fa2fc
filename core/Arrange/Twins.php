<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\Tree;

/**
 * What runs along the head or the foot of every sheet of a document (RULES 13): what changed of it on one sheet changes on another, at the
 * same distance from the top or from the bottom edge.
 */
final readonly class Twins
{
    /** @param  array<string, string>  $keys  of what runs on, by its id on the sheet it was done on */
    public function __construct(private Draft $draft, private Sheet $from, private array $keys)
    {
    }

    /** @return array<string, string> keys of what runs on a sheet, by id */
    public static function keys(Tree $tree): array
    {
        return array_filter(array_map(static fn (Item $item): ?string => $item->twin()?->key, $tree->all()));
    }

    /** @return list<array{Item|null, Item|null}> what of a change is to be done on the other sheets as well */
    public static function in(Change $change): array
    {
        return array_values(array_filter($change->items, static fn (array $pair): bool => $pair[0]?->twin() !== null || $pair[1]?->twin() !== null));
    }

    /** @param  list<array{Item|null, Item|null}>  $pairs  as in() gave them, of the sheet it was done on */
    public function follow(array $pairs): void
    {
        $here = array_map(strval(...), array_flip(self::keys($this->draft->tree)));
        // What things lie in comes before them.
        usort($pairs, fn (array $a, array $b): int => $this->depth($a[1], $pairs) <=> $this->depth($b[1], $pairs));
        foreach ($pairs as [$was, $is]) {
            $id = $here[($is?->twin() ?? $was?->twin())->key ?? ''] ?? null;
            if ($is === null || $is->twin() === null) {
                $id !== null && $this->draft->tree->has($id) && $this->end($id, $was, $is);

                continue;
            }
            $here[$is->twin()->key] = $this->put($id, $is, $is->parent === null ? null : $here[$this->keys[$is->parent] ?? ''] ?? null);
        }
    }

    /** What is deleted there, or taken out of what runs on, goes here; what runs on there no more stays here as it is, by itself. */
    private function end(string $id, ?Item $was, ?Item $is): void
    {
        $is === null || $is->parent !== $was?->parent ? $this->draft->remove($id) : $this->draft->put($this->draft->item($id)->withFields(['twin' => null]));
    }

    private function put(?string $id, Item $is, ?string $parent): string
    {
        $down = $parent === null && $is->twin()?->zone === 'foot' ? $this->draft->sheet()->height() - $this->from->height() : 0.0;
        $frame = new Rect($is->frame->x, $is->frame->y + $down, $is->frame->w, $is->frame->h);
        if ($id === null) {
            $id = $this->draft->nextId();
            $this->draft->add($is->with(['id' => $id, 'parent' => $parent, 'rank' => $parent === null ? (new Ranks($this->draft))->top(null) : $is->rank, 'frame' => $frame->rounded()]));

            return $id;
        }
        $here = $this->draft->item($id);
        $this->draft->put($is->with(['id' => $id, 'parent' => $parent, 'rank' => $parent === null ? $here->rank : $is->rank, 'frame' => $frame->rounded()]));

        return $id;
    }

    /** @param  list<array{Item|null, Item|null}>  $pairs */
    private function depth(?Item $item, array $pairs): int
    {
        if ($item === null || $item->parent === null) {
            return 0;
        }
        foreach ($pairs as [, $other]) {
            if ($other !== null && $other->id === $item->parent) {
                return 1 + $this->depth($other, $pairs);
            }
        }

        return 0;
    }
}
