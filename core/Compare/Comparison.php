<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;

/** Two sheets, which things of them are the same, and in what they differ (RULES 20). */
final readonly class Comparison
{
    public Tree $a;

    public Tree $b;

    public Matching $matching;

    private Boxes $boxesOfA;

    private Boxes $boxesOfB;

    /**
     * @param  SheetContent  $here  this sheet, with all that belongs to it
     * @param  SheetContent  $there  the other one
     */
    public function __construct(public SheetContent $here, public SheetContent $there, FontLibrary $fonts)
    {
        $this->a = new Tree($here->items);
        $this->b = new Tree($there->items);
        $this->boxesOfA = new Boxes($this->a, $fonts);
        $this->boxesOfB = new Boxes($this->b, $fonts);
        $this->matching = Matching::of($this->a, $this->boxesOfA, $this->b, $this->boxesOfB);
    }

    /**
     * @param  list<string>|null  $only  things of this sheet: what is about them, what is in them, and what was added; null for everything
     * @return list<Difference> of the sheet first, then in the order of the things of the other one, then those that are gone
     */
    public function differences(?array $only = null): array
    {
        $found = [...$only === null ? (new SheetDifferences($this))->found() : [], ...(new TreeDifferences($this))->found(), ...(new ItemDifferences($this))->found()];
        $order = array_flip($this->b->inOrder());
        $after = count($order);
        $gone = array_flip($this->a->inOrder());
        $rank = static fn (Difference $one): int => match (true) {
            $one->a === null && $one->b === null => -1,
            $one->b !== null => $order[$one->b],
            default => $after + $gone[$one->a ?? ''],
        };
        usort($found, static fn (Difference $one, Difference $two): int => $rank($one) <=> $rank($two));

        return $only === null ? $found : array_values(array_filter($found, fn (Difference $one): bool => $one->a === null || array_filter($only, fn (string $id): bool => $one->a === $id || $this->a->isWithin($one->a ?? '', $id)) !== []));
    }

    /** Whether the other one is this sheet too, at another time. */
    public function isOfOneSheet(): bool
    {
        return $this->here->sheet->id === $this->there->sheet->id;
    }

    /** Whether what lies in it says where it lies and how large it is, on both sheets. */
    public function isHeldTogether(string $a, string $b): bool
    {
        return $this->a->item($a)->isFramedByItems() && $this->b->item($b)->isFramedByItems() && $this->boxesOfA->inside($a) !== null && $this->boxesOfB->inside($b) !== null;
    }

    /** What a thing of the other sheet is on this one; null where it is not there. */
    public function here(string $b): ?string
    {
        return $this->matching->here[$b] ?? null;
    }

    public function boxHere(string $a): Rect
    {
        return $this->boxesOfA->bounds($a);
    }

    public function boxThere(string $b): Rect
    {
        return $this->boxesOfB->bounds($b);
    }

    /** Whether both lie in the same thing, or both on the sheet itself. */
    public function sameParent(string $a, string $b): bool
    {
        $parent = $this->b->item($b)->parent;

        return $this->a->item($a)->parent === ($parent === null ? null : $this->here($parent)) && ($parent === null || $this->here($parent) !== null);
    }
}
