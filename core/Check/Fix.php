<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

/** An ordinary command that puts something right. */
final readonly class Fix
{
    /**
     * @param  list<string>  $items
     * @param  array<string, mixed>  $params
     */
    public function __construct(public string $command, public array $items, public array $params)
    {
    }
}
