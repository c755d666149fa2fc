<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Item\Painting\Element;

/** A fill in a frame: what the shape itself is filled with, and what is painted on that within the shape. */
final readonly class Paint
{
    /**
     * @param  string  $value  of the attribute fill or stroke (SVG 2, section 13.2)
     * @param  list<Element>  $defs  what it refers to
     * @param  list<Element>  $marks  painted over it, cut off at the edge of the shape
     */
    public function __construct(public string $value, public array $defs = [], public array $marks = [])
    {
    }

    /** A name for what drawings refer to: the same for the same thing, so that it may be written twice. */
    public static function named(Element $element): Element
    {
        return new Element($element->name, ['id' => 'd'.hash('xxh64', serialize($element->toArray()))] + $element->attributes, $element->inside);
    }
}
