<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/**
 * Where everything visible lies on a sheet, in painting order: what distances are measured on. What is hidden, what
 * shows nothing and what is only a reference is not in it.
 */
final readonly class Plan
{
    /**
     * @param  list<Placed>  $placed  back to front, each group before what is in it
     * @param  list<int>  $ends  for each, the place of the last that belongs to its branch
     */
    private function __construct(public array $placed, public array $ends)
    {
    }

    /** @param  list<Placed>  $seen  what can be seen, back to front, each group before what is in it */
    public static function ofSeen(array $seen): self
    {
        $ends = array_keys($seen);
        $place = [];
        foreach ($seen as $i => $one) {
            $place[$one->id] = $i;
        }
        for ($i = count($seen) - 1; $i >= 0; $i--) {
            $parent = $seen[$i]->parent;
            if ($parent !== null && isset($place[$parent])) {
                $ends[$place[$parent]] = max($ends[$place[$parent]], $ends[$i]);
            }
        }

        return new self($seen, array_values($ends));
    }

    /** @return array<string, non-empty-list<int>> the places of siblings, by parent; '' for the sheet */
    public function siblings(): array
    {
        $siblings = [];
        foreach ($this->placed as $i => $one) {
            $siblings[$one->parent ?? ''][] = $i;
        }

        return $siblings;
    }
}
