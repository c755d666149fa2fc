<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** How the members of a block, a ring or a row of steps lie: by count, gaps and extents that can be edited later. */
interface Layout
{
    /** The word of the API: block, ring or steps. */
    public static function word(): string;

    /**
     * @param  array<string, mixed>  $stored  as toArray() gave it
     */
    public static function fromArray(array $stored): self;

    /** @return array<string, mixed> as it is kept with the series, kind included */
    public function toArray(): array;

    /** How many members there are. */
    public function count(): int;

    /** Which of the originals, from 0, the member at a place is or is a copy of. */
    public function originalAt(int $place): int;

    /**
     * Puts the members where they belong.
     *
     * @param  non-empty-list<string>  $members  as many as count() says, in their order
     *
     * @throws Refusal when they do not fit
     */
    public function lay(Draft $draft, Mover $mover, array $members): void;

    /**
     * The same with other numbers.
     *
     * @param  array<string, float|int|string|bool>  $changes  numbers of it by name; `extent: keep` keeps the box it has
     * @param  Rect  $box  that it has now
     *
     * @throws Refusal for a number it does not have
     */
    public function edited(array $changes, Rect $box): self;

    /**
     * The same after everything in its space was scaled about a point; null where its numbers cannot say it.
     *
     * @param  float  $across  factor
     */
    public function scaled(float $across, float $down, Point $about): ?self;

    /**
     * As in "6 × 5, gaps 8 across and 8 down"
     *
     * @param  bool  $whole  whether places come to whole pixels, which is then said of steps
     */
    public function words(bool $whole = false): string;
}
