<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

/** A kind that SVG has an element for. */
interface InSvg
{
    /** @return non-empty-list<string> the names of the elements that become it (SVG 2) */
    public function svgElements(): array;
}
