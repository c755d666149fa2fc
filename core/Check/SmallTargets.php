<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Words;

/** What is pressed with a finger and is smaller than one. */
final class SmallTargets implements Check
{
    public function about(): About
    {
        return new About('small-target', 'Small targets', limit: new Limit('at least', 44.0, 8.0, 200.0, 'px'));
    }

    /** What is called so is meant to be pressed. */
    private const PRESSED = '/\b(buttons?|links?|tabs?|check ?box|switch|radio)\b/i';

    public function find(Looked $at): iterable
    {
        $limit = $at->limit($this);
        // Paper is not pressed.
        foreach ($at->sheet->unit === Unit::Px ? $at->plan->placed : [] as $one) {
            $item = $at->tree->item($one->id);
            $parent = $one->parent === null ? null : $at->tree->item($one->parent);
            if (preg_match(self::PRESSED, $item->name) !== 1 || $one->isTurned || ($parent !== null && $this->isPressedAsAWhole($at, $parent, $limit))) {
                continue;
            }
            $small = array_filter(['w' => $one->box->w, 'h' => $one->box->h], static fn (float $side): bool => $side < $limit - Length::SAME);
            if ($small === []) {
                continue;
            }
            yield new Finding(
                'small-target', [$one->id], $one->box,
                sprintf('%s is %s × %s', Words::quoted($item), Spoken::length($one->box->w), Spoken::length($one->box->h)),
                sprintf('%s each way is hit with ease.', Spoken::withUnit($limit)),
                min($small), $limit, [new Fix('place', [$one->id], array_map(static fn (): float => $limit, $small) + ['ref' => 'centre'])],
            );
        }
    }

    /** Whether it is meant to be pressed too, or holds this alone to be pressed and is large enough for it. */
    private function isPressedAsAWhole(Looked $at, Item $holder, float $limit): bool
    {
        $pressed = array_filter($at->tree->children($holder->id), static fn (Item $child): bool => preg_match(self::PRESSED, $child->name) === 1);
        $box = $at->placed($holder->id)->box;

        return preg_match(self::PRESSED, $holder->name) === 1 || (count($pressed) === 1 && min($box->w, $box->h) >= $limit - Length::SAME);
    }
}
