<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Type;

/** Some letters of a text that are set otherwise than it. */
final readonly class Run
{
    /**
     * @param  int  $from  its first character
     * @param  int  $to  the one behind its last
     * @param  array<string, mixed>  $styles  what they have instead, by the names of TypeFields::ofRuns(), as those fields keep it
     */
    public function __construct(public int $from, public int $to, public array $styles)
    {
    }
}
