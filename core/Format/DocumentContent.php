<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Sheet\NamedGrid;
use AllSquare\Core\Sheet\Preset;

/** A document with everything in it but its history. */
final readonly class DocumentContent
{
    /**
     * @param  list<SheetContent>  $sheets  in their order, one at least
     * @param  list<NamedGrid>  $grids
     * @param  list<Preset>  $presets
     */
    public function __construct(public string $name, public array $sheets, public array $grids = [], public array $presets = [])
    {
    }
}
