<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/** An element of SVG (SVG 2): its name, its attributes and what is in it. Whoever writes it escapes it. */
final readonly class Element
{
    /**
     * @param  array<string, string>  $attributes
     * @param  list<Element|Letters|string>  $inside  elements, lines of letters, or text
     */
    public function __construct(public string $name, public array $attributes = [], public array $inside = [])
    {
    }

    /** @param  array<string, string>  $attributes */
    public static function box(Rect $box, array $attributes = []): self
    {
        [$x, $y, $w, $h] = array_map(Length::text(...), array_values($box->toArray()));

        return new self('rect', ['x' => $x, 'y' => $y, 'width' => $w, 'height' => $h] + $attributes);
    }

    /** @return list<mixed> as it is stored and sent: name, attributes, and what is in it if there is anything */
    public function toArray(): array
    {
        if ($this->inside === []) {
            return [$this->name, $this->attributes];
        }
        $inside = [];
        foreach ($this->inside as $one) {
            $inside[] = is_string($one) ? $one : $one->toArray();
        }

        return [$this->name, $this->attributes, $inside];
    }

    /** @param  mixed  $stored  as toArray() gave it */
    public static function read(mixed $stored): self|Letters|string
    {
        if (! is_array($stored)) {
            return is_string($stored) ? $stored : '';
        }
        if (isset($stored['glyphs'])) {
            return Letters::read($stored);
        }
        /** @var array<string, string> $attributes */
        $attributes = is_array($stored[1] ?? null) ? $stored[1] : [];

        return new self(is_string($stored[0] ?? null) ? $stored[0] : 'g', $attributes, array_map(self::read(...), is_array($stored[2] ?? null) ? array_values($stored[2]) : []));
    }
}
