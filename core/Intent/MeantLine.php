<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/** An edge, a centre or a baseline that several things share. */
final readonly class MeantLine
{
    /**
     * @param  string  $edge  one of Things::EDGES
     * @param  list<int>  $members  places of the things
     * @param  int  $support  how many agree on it and on lines of the same make
     */
    public function __construct(public string $edge, public array $members, public int $support)
    {
    }
}
