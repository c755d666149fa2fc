<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Tree;

/**
 * What runs along the head or the foot of every sheet of a document (RULES 13): what changed of it on one sheet changes on another, at the
 * same distance from the top or from the bottom edge. On a sheet that is wider or narrower it follows across by its pins.
 */
final readonly class Twins
{
    /** @var array<string, string> keys of what runs on, by its id on the sheet it was done on, before or after */
    private array $keys;

    /**
     * @param  Draft  $draft  of the other sheet
     * @param  Draft  $made  of the sheet it was done on, as it is now
     */
    public function __construct(private Draft $draft, private Draft $made)
    {
        $this->keys = self::keys($made->tree) + self::keys($made->before());
    }

    /** @return array<string, string> keys of what runs on a sheet, by id */
    private static function keys(Tree $tree): array
    {
        return array_filter(array_map(static fn (Item $item): ?string => ($item->twin()?->runs() ?? false) ? $item->twin()->key : null, $tree->all()));
    }

    /** @return list<array{Item|null, Item|null}> what of a change is to be done on the other sheets as well */
    public static function in(Change $change): array
    {
        return array_values(array_filter($change->items, static fn (array $pair): bool => ($pair[0]?->twin()?->runs() ?? false) || ($pair[1]?->twin()?->runs() ?? false)));
    }

    /** @param  list<array{Item|null, Item|null}>  $pairs  as in() gave them, of the sheet it was done on */
    public function follow(array $pairs): void
    {
        $here = array_map(strval(...), array_flip(self::keys($this->draft->tree)));
        // What things lie in comes before them.
        usort($pairs, fn (array $a, array $b): int => $this->depth($a[1], $pairs) <=> $this->depth($b[1], $pairs));
        foreach ($pairs as [$was, $is]) {
            $key = self::running($is) ?? self::running($was) ?? '';
            $id = $here[$key] ?? null;
            if ($is === null || self::running($is) === null) {
                $id !== null && $this->draft->tree->has($id) && $this->end($id, $was, $is);

                continue;
            }
            $here[$key] = $this->put($id, $is, $is->parent === null ? null : $here[$this->keys[$is->parent] ?? ''] ?? null);
        }
    }

    private static function running(?Item $item): ?string
    {
        return ($item?->twin()?->runs() ?? false) ? $item->twin()->key : null;
    }

    /** What is deleted there, or taken out of what runs on, goes here; what runs on there no more stays here as it is, by itself. */
    private function end(string $id, ?Item $was, ?Item $is): void
    {
        $is === null || $is->parent !== $was?->parent ? $this->draft->remove($id) : $this->draft->put($this->draft->item($id)->withFields(['twin' => null]));
    }

    private function put(?string $id, Item $is, ?string $parent): string
    {
        $frame = $this->frame($is, $parent);
        if ($id === null) {
            $id = $this->draft->nextId();
            $this->draft->add($is->with(['id' => $id, 'parent' => $parent, 'rank' => $parent === null ? (new Ranks($this->draft))->top(null) : $is->rank, 'frame' => $frame, 'hidden' => $is->hidden || ($parent === null && $this->goesWithout())]));

            return $id;
        }
        $here = $this->draft->item($id);
        $is = $is->with(['id' => $id, 'parent' => $parent, 'rank' => $parent === null ? $here->rank : $is->rank, 'frame' => $frame, 'hidden' => $parent === null ? $here->hidden : $is->hidden]);
        $this->draft->put($frame->w === $is->frame->w ? $is : $is->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts));

        return $id;
    }

    /** Whether everything that runs is hidden on this sheet: a new thing is then hidden too. */
    private function goesWithout(): bool
    {
        $running = array_filter($this->draft->tree->children(null), static fn (Item $item): bool => self::running($item) !== null);

        return $running !== [] && array_filter($running, static fn (Item $item): bool => ! $item->hidden) === [];
    }

    private function frame(Item $is, ?string $parent): Rect
    {
        $whole = $this->draft->sheet()->wholePixels;
        if ($parent === null) {
            [$from, $to] = [$this->made->sheet()->box(), $this->draft->sheet()->box()];
            $box = PinFit::placed($is, $is->frame, $from, $to, $whole, ! $is->isFramedByItems());
            $down = $is->twin()?->zone === 'foot' ? Length::round($to->h - $from->h) : 0.0;

            return (new Rect($box->x, $is->frame->y + $down, $box->w, $is->frame->h))->rounded();
        }
        $there = $is->parent === null ? null : $this->made->item($is->parent);
        $here = $this->draft->item($parent);

        return $there === null || $there->isFramedByItems() ? $is->frame : PinFit::placed($is, $is->frame, $there->frame, $here->frame, $whole, ! $is->isFramedByItems())->rounded();
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
