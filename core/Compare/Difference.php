<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

use AllSquare\Core\Geometry\Rect;

/** One thing in which the other sheet differs from this one, said as what would happen to this one. */
final readonly class Difference
{
    /** what it is known by from one look to the next */
    public string $key;

    /**
     * @param  string|null  $a  the item of this sheet; null where it has none
     * @param  string|null  $b  the item of the other one
     * @param  string  $says  a sentence without its full stop
     * @param  array<string, mixed>  $numbers  what is different, by name: dx, dy, w, h, by, from, to
     * @param  Rect|null  $here  px of this sheet: where it is
     * @param  Rect|null  $there  px of the other one
     * @param  string  $about  what tells it from others of the same sort about the same item: a field, an aid
     */
    public function __construct(public Sort $sort, public ?string $a, public ?string $b, public string $name, public string $says, public array $numbers = [], public ?Rect $here = null, public ?Rect $there = null, public string $about = '')
    {
        $this->key = $sort->value.'-'.substr(hash('xxh64', implode("\0", [$a ?? '', $b ?? '', $about])), 0, 12);
    }
}
