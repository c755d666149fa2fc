<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\IgnoredFinding;

/** Something on a sheet that is not right: what, where, how it is and how it would be. */
final readonly class Finding
{
    /** what it is known by from one look to the next: the same while it is of the same things */
    public string $key;

    /**
     * @param  string  $kind  of the check that found it
     * @param  list<string>  $items  what it is about, the one to blame first
     * @param  Rect  $place  px of the sheet
     * @param  string  $says  a sentence without its full stop
     * @param  string  $detail  how it is and how it would be, in whole sentences
     * @param  list<Fix>  $fixes  done one after another; none where a person has to decide
     * @param  string  $about  what tells it from others of the same kind about the same things
     */
    public function __construct(
        public string $kind,
        public array $items,
        public Rect $place,
        public string $says,
        public string $detail,
        public ?float $measured,
        public ?float $expected,
        public array $fixes = [],
        public string $about = '',
    ) {
        $this->key = IgnoredFinding::keyOf($kind, $about, $items);
    }
}
