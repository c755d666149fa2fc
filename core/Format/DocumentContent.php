<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\SheetContent;

/** A document with everything in it but its history. */
final readonly class DocumentContent
{
    public Belongings $belongings;

    /**
     * @param  list<SheetContent>  $sheets  in their order, one at least
     * @param  iterable<Belonging>  $belongings  what belongs to the document itself
     */
    public function __construct(public string $name, public array $sheets, iterable $belongings = [])
    {
        $this->belongings = new Belongings($belongings);
    }
}
