<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Geometry\Length;

/** What a matrix stands between: one thing with its cells, within its frame. */
final readonly class Brackets
{
    public const SHAPES = ['none', 'square', 'round', 'bars'];

    public const MOST = 200.0;

    /**
     * @param  string  $shape  one of SHAPES
     * @param  float  $width  px that each reaches from its outermost place inwards
     * @param  float  $gap  px between it and the cells
     * @param  float  $weight  px of its line
     */
    public function __construct(public string $shape = 'none', public float $width = 6.0, public float $gap = 4.0, public float $weight = 1.5)
    {
    }

    /** px that they take on each side of the cells */
    public function reach(): float
    {
        return $this->shape === 'none' ? 0.0 : Length::round(($this->shape === 'bars' ? $this->weight : $this->width) + $this->gap);
    }

    public static function read(mixed $stored): self
    {
        $stored = is_array($stored) ? $stored : [];
        $number = static fn (string $name, float $default): float => is_numeric($stored[$name] ?? null) ? min(self::MOST, max(0.0, (float) $stored[$name])) : $default;
        $shape = $stored['shape'] ?? 'none';

        return new self(is_string($shape) && in_array($shape, self::SHAPES, true) ? $shape : 'none', $number('width', 6.0), $number('gap', 4.0), max(0.1, $number('weight', 1.5)));
    }

    /** @return array<string, string|float> */
    public function toArray(): array
    {
        return ['shape' => $this->shape, 'width' => $this->width, 'gap' => $this->gap, 'weight' => $this->weight];
    }
}
