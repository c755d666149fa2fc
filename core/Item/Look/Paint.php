<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Geometry\Length;
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

    /** The same in a frame whose top left lies there, px. */
    public function from(float $x, float $y): self
    {
        if ($x === 0.0 && $y === 0.0) {
            return $this;
        }
        $shift = 'translate('.Length::digits($x, 4).' '.Length::digits($y, 4).')';
        $value = $this->value;
        $defs = [];
        foreach ($this->defs as $def) {
            $attributes = $def->attributes;
            $attributes['gradientTransform'] = trim($shift.' '.($attributes['gradientTransform'] ?? ''));
            $named = self::named(new Element($def->name, array_diff_key($attributes, ['id' => 0]), $def->inside));
            $value = str_replace($def->attributes['id'], $named->attributes['id'], $value);
            $defs[] = $named;
        }

        return new self($value, $defs, $this->marks === [] ? [] : [new Element('g', ['transform' => $shift], $this->marks)]);
    }

    /** A name for what drawings refer to: the same for the same thing, so that it may be written twice. */
    public static function named(Element $element): Element
    {
        return new Element($element->name, ['id' => 'd'.hash('xxh64', serialize($element->toArray()))] + $element->attributes, $element->inside);
    }
}
