<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Text\FontLibrary;

/** A kind that says something. */
interface HasWords
{
    public function words(Item $item): string;

    public function saying(Item $item, string $words): Item;

    /** @return list<string> the characters that its font has not */
    public function missing(Item $item, FontLibrary $fonts): array;
}
