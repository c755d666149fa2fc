<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

/** What an item is. A kind is added by its class, its painter and a line in Kinds; no other kind is touched. */
interface Kind
{
    /** The word of the API: box, round, line, text, group. */
    public function name(): string;

    /** The word of a sentence, for one or for several: box, boxes. */
    public function noun(int $count): string;

    /**
     * The properties that an item of this kind has besides its frame, with what they are when nothing is said.
     *
     * @return array<string, mixed>
     */
    public function properties(): array;

    /** Whether items can lie in it, so that its frame is that of its children. */
    public function holdsItems(): bool;
}
