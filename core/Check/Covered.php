<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\CutsOff;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\MasksOthers;
use AllSquare\Core\Sheet\Words;

/** What lies wholly beneath something that lets nothing through. */
final class Covered implements Check
{
    public function about(): About
    {
        return new About('covered', 'Wholly covered');
    }

    public function find(Looked $at): iterable
    {
        $leaves = $at->leaves();
        $plates = array_filter($leaves, static fn (Item $item): bool => $item->kind instanceof Closed && ! $item->kind instanceof HasWords && self::isPlate($at, $item));
        foreach ($plates === [] ? [] : $leaves as $i => $item) {
            // What is painted reaches a little past a frame at most: only near plates are looked at closely.
            $over = [];
            foreach ($at->leavesMeeting($at->placed($item->id)->box) as $k) {
                if ($k > $i && isset($plates[$k])) {
                    $over[] = $k;
                }
            }
            $box = $over === [] ? null : $at->boxes->painted($item->id);
            $over = $box === null ? [] : array_filter($over, static fn (int $k): bool => $at->placed($leaves[$k]->id)->box->contains($box));
            if ($over === [] || $this->isMasked($at, $item)) {
                continue;
            }
            $plate = $leaves[reset($over)];
            yield new Finding(
                'covered', [$item->id, $plate->id], $at->placed($item->id)->box,
                sprintf('%s is wholly covered by %s', Words::quoted($item), Words::quoted($plate)),
                'Nothing of it is seen. It comes to the front, or can be deleted.', null, null, [new Fix('order', [$item->id], ['to' => 'front'])],
            );
        }
    }

    private function isMasked(Looked $at, Item $item): bool
    {
        return array_filter($at->tree->ancestors($item->id), static fn (Item $holder): bool => $holder->kind instanceof MasksOthers) !== [];
    }

    /** A rectangle that stands upright and lets nothing through, nor does what it lies in. */
    private static function isPlate(Looked $at, Item $item): bool
    {
        $fill = Look::fill($item);
        $isWhole = static fn (Item $one): bool => $one->number('opacity') >= 1.0 && ! ($one->kind instanceof CutsOff && $one->kind->isClipping($one->fields));

        return $fill instanceof Colour && $fill->isOpaque() && $item->number('opacity') >= 1.0 && $item->number('radius') <= 0.0 && ($item->fields['radii'] ?? null) === null
            && ! $at->placed($item->id)->isTurned && ! $at->placed($item->id)->isInexact && isset($item->fields['radius']) && array_filter($at->tree->ancestors($item->id), static fn (Item $holder): bool => ! $isWhole($holder)) === [];
    }
}
