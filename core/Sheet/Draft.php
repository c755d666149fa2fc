<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Equality;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\UnknownItem;

/**
 * A sheet while a command works on it. What was there before is kept, so that the change can be read off
 * at the end; a command that throws leaves the draft to be thrown away.
 */
final class Draft
{
    public const MOST_ITEMS = 20_000;

    public readonly Tree $tree;

    /** @var Collection<Slice> */
    public readonly Collection $slices;

    /** @var Collection<Guide> */
    public readonly Collection $guides;

    /** @var Collection<Dimension> */
    public readonly Collection $dimensions;

    /** @var Collection<NamedGrid> of the whole document */
    public readonly Collection $grids;

    /** @var Collection<Preset> of the whole document */
    public readonly Collection $presets;

    /** @var array<string, Item> */
    private readonly array $itemsBefore;

    private ?Tree $treeBefore = null;

    private readonly Sheet $sheetBefore;

    /**
     * @param  iterable<Item>  $items  those that the command said it needs
     * @param  int  $itemsOnSheet  how many there are in all, loaded or not
     * @param  iterable<Slice>  $slices
     * @param  iterable<Guide>  $guides
     * @param  iterable<Dimension>  $dimensions
     * @param  iterable<NamedGrid>  $grids
     * @param  iterable<Preset>  $presets
     * @param  Unit  $unit  in which bare numbers in sums are given
     * @param  Plan|null  $plan  of the whole sheet before the command, where not all of it is loaded
     */
    public function __construct(
        private Sheet $sheet,
        iterable $items,
        public readonly FontLibrary $fonts,
        private readonly Ids $ids,
        private int $itemsOnSheet = 0,
        iterable $slices = [],
        iterable $guides = [],
        iterable $dimensions = [],
        iterable $grids = [],
        iterable $presets = [],
        public readonly Unit $unit = Unit::Px,
        private ?Plan $plan = null,
    ) {
        $this->tree = new Tree($items);
        $this->itemsBefore = $this->tree->all();
        $this->sheetBefore = $sheet;
        $this->slices = new Collection(self::byId($slices), 'slice');
        $this->guides = new Collection(self::byId($guides), 'guide');
        $this->dimensions = new Collection(self::byId($dimensions), 'dimension');
        $this->grids = new Collection(self::byId($grids), 'grid');
        $this->presets = new Collection(self::byId($presets), 'preset');
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

    /** Where everything visible lay before the command; a command asks by one sort of boxes. */
    public function plan(By $by): Plan
    {
        if ($this->plan === null) {
            $tree = $this->before();
            $boxes = new Boxes($tree, $this->fonts);
            $this->plan = Plan::of($tree, $boxes, $by, new Baseline($tree, $boxes, $this->fonts));
        }

        return $this->plan;
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

    public function change(): Change
    {
        return new Change(
            Collection::differences($this->itemsBefore, $this->tree->all()),
            $this->slices->changes(),
            Equality::of($this->sheetBefore, $this->sheet) ? null : [$this->sheetBefore, $this->sheet],
            $this->guides->changes(),
            $this->dimensions->changes(),
            $this->grids->changes(),
            $this->presets->changes(),
        );
    }

    /**
     * A draft of nothing but these, for what is worked out beside the sheet's items, or in the space of a group: ids and
     * fonts are the same, and nothing of it is part of the change.
     *
     * @param  iterable<Item>  $items
     * @param  iterable<Guide>  $guides
     * @param  Plan|null  $plan  where it is another than that of these items
     */
    public function plane(iterable $items, iterable $guides = [], ?Plan $plan = null): self
    {
        return new self($this->sheet, $items, $this->fonts, $this->ids, $this->itemsOnSheet, guides: $guides, unit: $this->unit, plan: $plan);
    }

    /** The items as they were before the command. */
    public function before(): Tree
    {
        return $this->treeBefore ??= new Tree($this->itemsBefore);
    }

    /**
     * @template T of Slice|Guide|Dimension|NamedGrid|Preset
     *
     * @param  iterable<T>  $things
     * @return array<string, T>
     */
    private static function byId(iterable $things): array
    {
        $byId = [];
        foreach ($things as $thing) {
            $byId[$thing->id] = $thing;
        }

        return $byId;
    }
}
