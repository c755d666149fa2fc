<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Equality;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\UnknownItem;
use ArrayObject;

/**
 * A sheet while a command works on it. What was there before is kept, so that the change can be read off
 * at the end; a command that throws leaves the draft to be thrown away.
 */
final class Draft
{
    public const MOST_ITEMS = 20_000;

    public readonly Tree $tree;

    private bool $hasSettled = false;

    /** @var array<class-string<Belonging>, Collection<covariant Belonging>> by sort */
    private readonly array $belongings;

    /** @var ArrayObject<int, SpaceChange> in the order in which they came about */
    public readonly ArrayObject $spaceChanges;

    /** @var array<string, Item> */
    private readonly array $itemsBefore;

    private ?Tree $treeBefore = null;

    private Sheet $sheet;

    private readonly Sheet $sheetBefore;

    /**
     * @param  SheetContent  $content  the sheet, with those of its items and belongings that the command said it needs
     * @param  int  $itemsOnSheet  how many items there are in all, loaded or not
     * @param  Unit  $unit  in which bare numbers in sums are given
     * @param  Plan|null  $plan  of the whole sheet before the command, where not all of it is loaded
     * @param  ArrayObject<int, SpaceChange>|null  $spaceChanges  where they are noted together with those of another draft
     */
    public function __construct(
        SheetContent $content,
        public readonly FontLibrary $fonts,
        private readonly Ids $ids,
        private int $itemsOnSheet = 0,
        public readonly Unit $unit = Unit::Px,
        private ?Plan $plan = null,
        ?ArrayObject $spaceChanges = null,
    ) {
        /** @var ArrayObject<int, SpaceChange> $none */
        $none = new ArrayObject;
        $this->spaceChanges = $spaceChanges ?? $none;
        $this->sheet = $this->sheetBefore = $content->sheet;
        $this->tree = new Tree($content->items);
        $this->itemsBefore = $this->tree->all();
        $belongings = [];
        foreach (Belongings::SORTS as $sort) {
            $belongings[$sort] = new Collection($sort, $content->belongings->of($sort));
        }
        $this->belongings = $belongings;
    }

    /**
     * What belongs to the sheet of one sort.
     *
     * @template T of Belonging
     *
     * @param  class-string<T>  $sort
     * @return Collection<T>
     */
    public function of(string $sort): Collection
    {
        // @phpstan-ignore return.type (put there by its sort)
        return $this->belongings[$sort];
    }

    public function sheet(): Sheet
    {
        return $this->sheet;
    }

    public function putSheet(Sheet $sheet): void
    {
        $this->sheet = $sheet;
    }

    /** @throws UnknownItem */
    public function item(string $id): Item
    {
        return $this->tree->item($id);
    }

    public function put(Item $item): void
    {
        $this->tree->put($item);
    }

    /** @throws Refusal when the sheet is full */
    public function add(Item $item): void
    {
        if (++$this->itemsOnSheet > self::MOST_ITEMS) {
            throw Refusal::because('A sheet holds 20,000 items at most.');
        }
        $this->tree->put($item);
    }

    /** With everything in it. */
    public function remove(string $id): void
    {
        foreach ($this->tree->descendants($id) as $item) {
            $this->tree->remove($item->id);
        }
        $this->tree->remove($id);
    }

    /**
     * Where everything visible lay before the command; a command asks by one sort of boxes.
     *
     * @param  callable(Tree): Plan  $measured  makes it of the items, where it is not there yet
     */
    public function plan(callable $measured): Plan
    {
        return $this->plan ??= $measured($this->before());
    }

    /** What is kept in numbers of a group's space follows when the command is done. */
    public function note(SpaceChange $change): void
    {
        $this->spaceChanges[] = $change;
    }

    /** Whether it was there when the command began, and is not any more. */
    public function wasRemoved(string $id): bool
    {
        return isset($this->itemsBefore[$id]) && ! $this->tree->has($id);
    }

    public function nextId(): string
    {
        return $this->ids->next();
    }

    /** Everything lies as it lay on a sheet that had settled: nothing is settled once more when the command is done. */
    public function markSettled(): void
    {
        $this->hasSettled = true;
    }

    public function hasSettled(): bool
    {
        return $this->hasSettled;
    }

    /** The sheet as it is now. */
    public function content(): SheetContent
    {
        $belongings = array_map(static fn (Collection $of): array => array_values($of->all()), array_values($this->belongings));

        return new SheetContent($this->sheet, array_values($this->tree->all()), array_merge(...$belongings));
    }

    public function change(): Change
    {
        $belongings = array_map(static fn (Collection $of): array => $of->changes(), $this->belongings);
        $touched = $this->tree->touched();

        return new Change(
            Change::between(array_intersect_key($this->itemsBefore, $touched), array_intersect_key($this->tree->all(), $touched)),
            Equality::of($this->sheetBefore, $this->sheet) ? null : [$this->sheetBefore, $this->sheet],
            array_filter($belongings, static fn (array $changes): bool => $changes !== []),
        );
    }

    /**
     * A draft of nothing but these, for what is worked out beside the sheet's items, or in the space of a group: ids and
     * fonts are the same, and nothing of it is part of the change.
     *
     * @param  iterable<Item>  $items
     * @param  iterable<Belonging>  $belongings
     * @param  Plan|null  $plan  where it is another than that of these items
     */
    public function plane(iterable $items, iterable $belongings = [], ?Plan $plan = null): self
    {
        return new self(new SheetContent($this->sheet, $items, $belongings), $this->fonts, $this->ids, $this->itemsOnSheet, $this->unit, $plan, $this->spaceChanges);
    }

    /** A draft of all of this as it is now, on which a command can run by itself; take() takes over what it does. */
    public function apart(): self
    {
        return new self($this->content(), $this->fonts, $this->ids, $this->itemsOnSheet, $this->unit);
    }

    public function take(Change $change): void
    {
        foreach ($change->items as $id => [, $is]) {
            match (true) {
                $is === null => $this->tree->has($id) ? $this->remove($id) : null,
                $this->tree->has($id) => $this->put($is),
                default => $this->add($is),
            };
        }
        foreach ($change->belongings as $sort => $changes) {
            foreach ($changes as $id => [, $is]) {
                $is === null ? $this->of($sort)->remove($id) : $this->of($sort)->put($is);
            }
        }
        $this->sheet = $change->sheet[1] ?? $this->sheet;
    }

    /** The items as they were before the command. */
    public function before(): Tree
    {
        return $this->treeBefore ??= new Tree($this->itemsBefore);
    }
}
