<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Sheet\Draft;

/** Makes this sheet like the other one in what was chosen. What that depends on comes along. */
final class TakingOver
{
    /** @var array<string, string> what things of the other sheet are called on this one */
    private array $ids;

    public function __construct(private readonly Draft $draft, private readonly Comparison $of)
    {
        $this->ids = $of->matching->here;
    }

    /**
     * @param  list<Difference>  $wanted
     * @param  list<Difference>  $all  from which what they depend on is taken
     * @return list<Difference> those taken over
     */
    public function take(array $wanted, array $all): array
    {
        $taken = $this->closed($wanted, $all);
        $by = [];
        foreach ($taken as $one) {
            $by[$one->sort->value][] = $one;
        }
        $of = static fn (Sort $sort): array => $by[$sort->value] ?? [];
        array_map($this->part(...), $of(Sort::Sheet));
        array_map($this->add(...), $of(Sort::Added));
        array_map($this->regroup(...), $of(Sort::Regrouped));
        foreach ($of(Sort::Gone) as $one) {
            $this->draft->tree->has($one->a ?? '') ? $this->draft->remove($one->a ?? '') : null;
        }
        count($taken) === count($all) ? $this->asThere() : $this->items($taken, $all);
        $this->order([...$of(Sort::Added), ...$of(Sort::Regrouped), ...$of(Sort::Reordered)]);
        $this->aids($of(Sort::Aid));

        return $taken;
    }

    /**
     * @param  list<Difference>  $wanted
     * @param  list<Difference>  $all
     * @return list<Difference>
     */
    private function closed(array $wanted, array $all): array
    {
        $taken = array_column($wanted, null, 'key');
        foreach ($wanted as $one) {
            foreach ($one->sort === Sort::Gone ? $all : [] as $other) {
                if ($other->sort === Sort::Regrouped && $other->a !== null && $one->a !== null && $this->of->a->isWithin($other->a, $one->a)) {
                    $taken[$other->key] = $other;
                }
            }
        }
        foreach ($taken as $one) {
            $parent = $one->sort === Sort::Regrouped ? $this->of->b->item($one->b ?? '')->parent : null;
            if ($parent === null || isset($this->ids[$parent])) {
                continue;
            }
            foreach ($all as $other) {
                if ($other->sort === Sort::Added && $other->b !== null && ($other->b === $parent || $this->of->b->isWithin($parent, $other->b))) {
                    $taken[$other->key] = $other;
                }
            }
        }

        return array_values($taken);
    }

    /** With what was added in it. */
    private function add(Difference $one): void
    {
        $isOwn = $this->of->isOfOneSheet();
        $root = $this->of->b->item($one->b ?? '');
        foreach ([$root, ...$this->of->b->descendants($root->id)] as $item) {
            if (isset($this->ids[$item->id]) || ($item !== $root && ! isset($this->ids[$item->parent ?? '']))) {
                continue;
            }
            // What was added below something that is here already is a difference of its own.
            if ($item !== $root && isset($this->of->matching->here[$item->parent ?? ''])) {
                continue;
            }
            $id = $isOwn ? $item->id : $this->draft->nextId();
            $this->ids[$item->id] = $id;
            $this->draft->add($item->with(['id' => $id, 'parent' => $item->parent === null ? null : $this->ids[$item->parent]])->withFields($isOwn ? [] : ['twin' => null, 'source' => $item->knownAs()]));
        }
    }

    private function regroup(Difference $one): void
    {
        [$mine, $theirs] = $this->pair($one);
        $parent = $theirs->parent === null ? null : $this->ids[$theirs->parent];
        $place = $theirs->isFramedByItems() ? ['frame' => $theirs->frame, 'origin' => $theirs->origin, 'angle' => $theirs->angle] : ['frame' => new Rect($theirs->frame->x, $theirs->frame->y, $mine->frame->w, $mine->frame->h)];
        $this->draft->put($mine->with(['parent' => $parent, 'rank' => $theirs->rank, ...$place]));
    }

    /**
     * @param  list<Difference>  $taken
     * @param  list<Difference>  $all
     */
    private function items(array $taken, array $all): void
    {
        $sized = array_diff(...array_map(static fn (array $some): array => array_map(static fn (Difference $one): ?string => $one->a, array_filter($some, static fn (Difference $one): bool => $one->sort === Sort::Sized)), [$all, $taken]));
        foreach ($taken as $one) {
            if ($one->a === null || $one->b === null || ! $this->draft->tree->has($one->a)) {
                continue;
            }
            [$mine, $theirs] = $this->pair($one);
            $is = $this->like($mine, $theirs, $one);
            // What follows its words is as large as they need, unless it was wanted as large as the other.
            if (in_array($one->a, $sized, true) && in_array($one->sort, [Sort::Reworded, Sort::Restyled], true)) {
                $is = $is->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts);
            }
            $this->draft->put($is);
        }
    }

    private function like(Item $mine, Item $theirs, Difference $one): Item
    {
        $frame = $mine->frame;

        return match ($one->sort) {
            Sort::Moved, Sort::Turned, Sort::Sized => match (true) {
                $theirs->isFramedByItems() => $mine->with(['frame' => $theirs->frame, 'origin' => $theirs->origin, 'angle' => $theirs->angle]),
                $one->sort === Sort::Turned => $mine->with(['angle' => $theirs->angle]),
                $one->sort === Sort::Sized => $mine->inFrame(new Rect($frame->x, $frame->y, $theirs->frame->w, $theirs->frame->h)),
                default => $mine->inFrame(new Rect($theirs->frame->x, $theirs->frame->y, $frame->w, $frame->h)),
            },
            Sort::Reshaped, Sort::Restyled, Sort::Reworded => $this->withFields($mine, $theirs, $one),
            Sort::Renamed => $mine->with(['name' => $theirs->name]),
            Sort::Switched => $mine->with([$one->about => $theirs->{$one->about}]),
            default => $mine,
        };
    }

    private function withFields(Item $mine, Item $theirs, Difference $one): Item
    {
        if ($mine->kind !== $theirs->kind) {
            return $mine->with(['kind' => $theirs->kind, 'frame' => $theirs->frame, 'origin' => $theirs->origin, 'flip' => $theirs->flip, 'fields' => [...$theirs->fields, ...array_intersect_key($mine->fields, $this->of->isOfOneSheet() ? [] : array_flip(ItemDifferences::OWN))]]);
        }
        if ($one->about === 'flip') {
            return $mine->with(['flip' => $theirs->flip]);
        }
        $fields = is_array($one->numbers['fields'] ?? null) ? $one->numbers['fields'] : [];

        return $mine->withFields(array_intersect_key($theirs->fields, array_flip(array_filter($fields, is_string(...)))));
    }

    /**
     * Each in front of what lies just behind it on the other sheet.
     *
     * @param  list<Difference>  $moving
     */
    private function order(array $moving): void
    {
        $ranks = new Ranks($this->draft);
        $isMoving = [];
        foreach ($moving as $one) {
            $isMoving[$one->b ?? ''] = true;
        }
        $parents = array_unique(array_map(fn (Difference $one): string => $this->of->b->item($one->b ?? '')->parent ?? '', $moving));
        foreach ($parents as $there) {
            $parent = $there === '' ? null : $this->ids[$there];
            $before = null;
            foreach ($this->of->b->children($there === '' ? null : $there) as $item) {
                $id = $this->ids[$item->id] ?? null;
                if ($id === null || ! $this->draft->tree->has($id) || $this->draft->item($id)->parent !== $parent) {
                    continue;
                }
                if (isset($isMoving[$item->id])) {
                    $before === null ? $ranks->insert($parent, 0, [$id]) : $ranks->above($parent, [$before => [$id]]);
                }
                $before = $id;
            }
        }
    }

    private function part(Difference $one): void
    {
        $there = $this->of->there->sheet;
        $fields = SheetDifferences::PARTS[$one->about];
        $this->draft->putSheet($this->draft->sheet()->with(array_combine($fields, array_map(static fn (string $field): mixed => $there->{$field}, $fields))));
    }

    /** @param  list<Difference>  $wanted */
    private function aids(array $wanted): void
    {
        $wanted = array_intersect_key($wanted === [] ? [] : (new SheetDifferences($this->of))->aids(), array_flip(array_map(static fn (Difference $one): string => $one->about, $wanted)));
        foreach ($wanted as [$mine]) {
            if ($mine !== null && isset($this->draft->of($mine::class)->all()[$mine->id()])) {
                $this->draft->of($mine::class)->remove($mine->id());
            }
        }
        foreach ($wanted as [$mine, $theirs]) {
            $theirs === null ? null : $this->draft->of($theirs::class)->put($theirs->renamed($this->of->isOfOneSheet() ? $theirs->id() : ($mine?->id() ?? $this->draft->nextId()), new Renaming($this->ids)));
        }
    }

    /** Everything that is on both sheets is just as it is on the other one. */
    private function asThere(): void
    {
        foreach ($this->of->matching->there as $id => $there) {
            [$mine, $theirs] = [$this->draft->item((string) $id), $this->of->b->item($there)];
            $own = $this->of->isOfOneSheet() ? [] : array_intersect_key($mine->fields, array_flip(ItemDifferences::OWN));
            $this->draft->put($theirs->with(['id' => $mine->id, 'parent' => $mine->parent, 'rank' => $mine->rank])->withFields($own));
        }
        $this->draft->markSettled();
    }

    /** @return array{Item, Item} */
    private function pair(Difference $one): array
    {
        return [$this->draft->item($one->a ?? ''), $this->of->b->item($one->b ?? '')];
    }
}
