<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

/** What a check is called, and how it goes about its work. */
final readonly class About
{
    /**
     * @param  string  $kind  the word of the API: near-line
     * @param  string  $heading  above what it finds: Nearly in line
     * @param  bool  $isPlain  whether its fixes are so plain that they are made along with all others
     * @param  Limit|null  $limit  from which figure on; null where there is none to choose
     */
    public function __construct(public string $kind, public string $heading, public bool $isPlain = false, public ?Limit $limit = null)
    {
    }
}
