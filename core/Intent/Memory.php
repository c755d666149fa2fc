<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/** What has been understood already: where things were meant to lie, by all that this follows from. */
interface Memory
{
    /**
     * @param  string  $key  a hash of what it follows from
     * @return array{x: list<float>, y: list<float>}|null px, where each thing begins; null where it is not known
     */
    public function leads(string $key): ?array;

    /** @param  array{x: list<float>, y: list<float>}  $leads */
    public function keep(string $key, array $leads): void;
}
