<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

/** Where an item is hit by the pointer: on an outline, and inside it where something is painted there. */
final readonly class Hit
{
    /**
     * @param  string  $path  path data of SVG (SVG 2, section 9.3) in the item's own space
     * @param  bool  $inside  whether it is hit inside as well
     * @param  float  $weight  px of the outline that is painted along it; 0 for none
     */
    public function __construct(public string $path, public bool $inside, public float $weight = 0.0)
    {
    }

    /** @return array{path: string, inside: bool, weight: float} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'inside' => $this->inside, 'weight' => $this->weight];
    }
}
