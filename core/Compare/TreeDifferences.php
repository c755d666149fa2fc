<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Words;

/** What was added, is gone, lies in something else, or lies before what it lay behind. */
final readonly class TreeDifferences
{
    public function __construct(private Comparison $of)
    {
    }

    /** @return list<Difference> */
    public function found(): array
    {
        return [...$this->added(), ...$this->gone(), ...$this->regrouped(), ...$this->reordered()];
    }

    /** @return list<Difference> the outermost ones; what is in them comes along */
    private function added(): array
    {
        $found = [];
        foreach ($this->of->b->all() as $item) {
            if ($this->of->here($item->id) === null && ($item->parent === null || $this->of->here($item->parent) !== null)) {
                $count = count(array_filter($this->of->b->descendants($item->id), fn (Item $inside): bool => $this->of->here($inside->id) === null));
                $found[] = new Difference(Sort::Added, null, $item->id, $item->name, Words::quoted($item).($count > 0 ? " and $count in it are" : ' is').' added', [], null, $this->of->boxThere($item->id));
            }
        }

        return $found;
    }

    /** @return list<Difference> */
    private function gone(): array
    {
        $there = $this->of->matching->there;
        $found = [];
        foreach ($this->of->a->all() as $item) {
            if (! isset($there[$item->id]) && ($item->parent === null || isset($there[$item->parent]))) {
                $count = count(array_filter($this->of->a->descendants($item->id), static fn (Item $inside): bool => ! isset($there[$inside->id])));
                $found[] = new Difference(Sort::Gone, $item->id, null, $item->name, Words::quoted($item).($count > 0 ? " and $count in it are" : ' is').' gone', [], $this->of->boxHere($item->id));
            }
        }

        return $found;
    }

    /** @return list<Difference> */
    private function regrouped(): array
    {
        $found = [];
        foreach ($this->of->matching->there as $a => $b) {
            if ($this->of->sameParent((string) $a, $b)) {
                continue;
            }
            $item = $this->of->b->item($b);
            $to = $item->parent === null ? 'on the sheet itself' : 'in '.Words::quoted($this->of->b->item($item->parent));
            $found[] = new Difference(Sort::Regrouped, (string) $a, $b, $item->name, Words::quoted($item)." lies $to", [], $this->of->boxHere((string) $a), $this->of->boxThere($b));
        }

        return $found;
    }

    /** @return list<Difference> as few as can be */
    private function reordered(): array
    {
        $found = [];
        foreach ([null, ...array_values($this->of->matching->there)] as $parent) {
            $holder = $parent === null ? null : $this->of->here($parent);
            $rank = [];
            foreach (array_values($this->of->a->children($holder)) as $i => $item) {
                $rank[$item->id] = $i;
            }
            $order = [];
            foreach ($this->of->b->children($parent) as $item) {
                $a = $this->of->here($item->id);
                if ($a !== null && isset($rank[$a])) {
                    $order[] = [$rank[$a], $a, $item];
                }
            }
            $stay = self::ascending(array_column($order, 0));
            foreach ($order as $i => [, $a, $item]) {
                if (! isset($stay[$i])) {
                    $before = $order[$i - 1][2] ?? null;
                    $found[] = new Difference(Sort::Reordered, $a, $item->id, $item->name, Words::quoted($item).' lies '.($before === null ? 'at the back' : 'in front of '.Words::quoted($before)), [], $this->of->boxHere($a), $this->of->boxThere($item->id));
                }
            }
        }

        return $found;
    }

    /**
     * The places of a longest ascending run among figures, which may leave some out (patience sorting).
     *
     * @param  list<int>  $figures
     * @return array<int, true>
     */
    private static function ascending(array $figures): array
    {
        /** @var list<int> $ends */
        $ends = [];
        /** @var array<int, int|null> $before */
        $before = [];
        foreach ($figures as $i => $figure) {
            [$low, $high] = [0, count($ends)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                $figures[$ends[$middle]] < $figure ? $low = $middle + 1 : $high = $middle;
            }
            $before[$i] = $low > 0 ? $ends[$low - 1] : null;
            $ends[$low] = $i;
        }
        /** @var array<int, true> $stay */
        $stay = [];
        for ($i = $ends === [] ? null : end($ends); $i !== null; $i = $before[$i]) {
            $stay[$i] = true;
        }

        return $stay;
    }
}
