<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Guide\Guide;
use AllSquare\Core\Refusal;
use AllSquare\Core\Slice\Slice;
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

    /** @var array<string, Item> */
    private readonly array $itemsBefore;

    /** @var array<string, Slice> */
    private readonly array $slicesBefore;

    /** @var array<string, Guide> */
    private readonly array $guidesBefore;

    private readonly Sheet $sheetBefore;

    /** @var array<string, Slice> */
    private array $slices = [];

    /** @var array<string, Guide> */
    private array $guides = [];

    /**
     * @param  iterable<Item>  $items  those that the command said it needs
     * @param  iterable<Slice>  $slices
     * @param  iterable<Guide>  $guides
     * @param  int  $itemsOnSheet  how many there are in all, loaded or not
     */
    public function __construct(
        private Sheet $sheet,
        iterable $items,
        iterable $slices,
        public readonly FontLibrary $fonts,
        private readonly Ids $ids,
        private int $itemsOnSheet = 0,
        iterable $guides = [],
    ) {
        $this->tree = new Tree($items);
        $this->itemsBefore = $this->tree->all();
        foreach ($slices as $slice) {
            $this->slices[$slice->id] = $slice;
        }
        $this->slicesBefore = $this->slices;
        foreach ($guides as $guide) {
            $this->guides[$guide->id] = $guide;
        }
        $this->guidesBefore = $this->guides;
        $this->sheetBefore = $sheet;
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

    public function nextId(): string
    {
        return $this->ids->next();
    }

    /** @return array<string, Slice> */
    public function slices(): array
    {
        return $this->slices;
    }

    /** @throws UnknownItem */
    public function slice(string $id): Slice
    {
        return $this->slices[$id] ?? throw UnknownItem::named($id, 'slice');
    }

    public function putSlice(Slice $slice): void
    {
        $this->slices[$slice->id] = $slice;
    }

    public function removeSlice(string $id): void
    {
        $this->slice($id);
        unset($this->slices[$id]);
    }

    /** @return array<string, Guide> */
    public function guides(): array
    {
        return $this->guides;
    }

    /** @throws UnknownItem */
    public function guide(string $id): Guide
    {
        return $this->guides[$id] ?? throw UnknownItem::named($id, 'guide');
    }

    public function putGuide(Guide $guide): void
    {
        $this->guides[$guide->id] = $guide;
    }

    public function removeGuide(string $id): void
    {
        $this->guide($id);
        unset($this->guides[$id]);
    }

    public function change(): Change
    {
        return new Change(
            $this->differences($this->itemsBefore, $this->tree->all()),
            $this->differences($this->slicesBefore, $this->slices),
            $this->sheetBefore == $this->sheet ? null : [$this->sheetBefore, $this->sheet],
            $this->differences($this->guidesBefore, $this->guides),
        );
    }

    /**
     * A draft of nothing but these, for what is worked out in the space of a group: ids and fonts are the same,
     * and nothing of it is part of the change.
     *
     * @param  iterable<Item>  $items
     */
    public function plane(iterable $items): self
    {
        return new self($this->sheet, $items, [], $this->fonts, $this->ids, $this->itemsOnSheet);
    }

    /** The items as they were before the command. */
    public function before(): Tree
    {
        return new Tree($this->itemsBefore);
    }

    /**
     * @template T of object
     *
     * @param  array<string, T>  $before
     * @param  array<string, T>  $after
     * @return array<string, array{T|null, T|null}>
     */
    private function differences(array $before, array $after): array
    {
        $found = [];
        foreach ($before + $after as $id => $_) {
            $was = $before[$id] ?? null;
            $is = $after[$id] ?? null;
            if ($was !== $is && $was != $is) {
                $found[$id] = [$was, $is];
            }
        }

        return $found;
    }
}
