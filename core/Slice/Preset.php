<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

/** Settings for handing over, kept under a name for all sheets of a document. */
final readonly class Preset
{
    public function __construct(public string $id, public string $name, public Settings $settings)
    {
    }
}
