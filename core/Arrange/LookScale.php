<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Equality;
use AllSquare\Core\Sheet\Draft;

/** Scales what is not a frame along with it, as each field says: type, the weight of outlines, radii of corners (RULES 8); no further than each can go. */
final readonly class LookScale
{
    public function __construct(private Draft $draft)
    {
    }

    /** @param  float  $factor  more than 0 */
    public function apply(string $id, float $factor): void
    {
        foreach ([$this->draft->item($id), ...$this->draft->tree->descendants($id)] as $item) {
            $scaled = $item->withFields($item->kind->fields()->scaled($item->fields, $factor));
            if (! Equality::of($scaled->fields, $item->fields)) {
                $this->draft->put($scaled->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts));
            }
        }
    }
}
