<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Text\FontLibrary;

/** A kind whose words stand in lines, and can be edited where they stand. */
interface SetsLines
{
    /**
     * The lines as they are painted, in px from the top left of the item's own frame.
     *
     * @return list<array{from: int, to: int, top: float, height: float, baseline: float, carets: list<float>}> the first character of each and the
     *                                                                                                          one behind its last, and where a caret stands before each of them and behind the last
     */
    public function lines(Item $item, FontLibrary $fonts): array;

    /**
     * With other words, which what is set of parts of them follows.
     *
     * @param  int|null  $caret  characters before the caret once they were typed, where that is known
     */
    public function rewritten(Item $item, string $words, ?int $caret): Item;

    /**
     * With a part of its words set otherwise.
     *
     * @param  int  $from  the first of the characters
     * @param  int  $to  the one behind the last
     * @param  array<string, mixed>  $styles  what letters and paragraphs have, as its fields keep it; paragraphs are set whole
     */
    public function withStyles(Item $item, int $from, int $to, array $styles): Item;

    /** @return array{lines: int, words: int}|null what there is no room for in its frame; null where all fits */
    public function overflow(Item $item, FontLibrary $fonts): ?array;

    /**
     * In the largest size at which all of it fits its frame, no word broken.
     *
     * @param  float  $step  px of which sizes are multiples
     * @return Item|null null where nothing fits, however small
     */
    public function largest(Item $item, float $step, FontLibrary $fonts): ?Item;

    /**
     * Tracked so that its longest line is as wide as its frame, its lines broken as they are written.
     *
     * @return Item|null null where no tracking does that
     */
    public function tracked(Item $item, FontLibrary $fonts): ?Item;
}
