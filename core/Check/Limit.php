<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

/** A figure from which on something is found, which each document may set otherwise. */
final readonly class Limit
{
    /**
     * @param  string  $label  as a field is labelled
     * @param  string  $unit  px, °, or nothing
     */
    public function __construct(public string $label, public float $default, public float $least, public float $most, public string $unit = '')
    {
    }
}
