<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Path\Stroke;
use JsonSerializable;

/** A line drawn along the edge of a shape: astride of it, inside or outside. */
final readonly class Outline implements JsonSerializable
{
    public const MOST = 1000.0;

    public const SIDES = ['centre', 'inside', 'outside'];

    public const ENDS = ['butt', 'round', 'square'];

    public const JOINS = ['miter', 'round', 'bevel'];

    private const MOST_DASHES = 12;

    /**
     * @param  Colour|Gradient  $fill  what it is drawn with
     * @param  float  $weight  px, 0 or more; one of 0 is not painted
     * @param  string  $side  of the edge: centre, inside or outside; of what is open it always lies astride
     * @param  list<float>  $dash  px of dashes and gaps in turn; none for an unbroken line. A round dash of 0 is a dot
     * @param  bool  $fitted  whether the gaps are stretched so that corners and ends always stand on a dash
     * @param  string  $ends  of the line and of its dashes: butt, round or square (SVG 2, section 13.5.4)
     * @param  string  $joins  at its corners: miter, round or bevel (SVG 2, section 13.5.5)
     */
    public function __construct(
        public Colour|Gradient $fill,
        public float $weight,
        public string $side = 'centre',
        public array $dash = [],
        public bool $fitted = false,
        public string $ends = 'butt',
        public string $joins = 'miter',
    ) {
    }

    public static function read(mixed $stored): ?self
    {
        if (! is_array($stored) || ! is_numeric($stored['weight'] ?? null)) {
            return null;
        }
        $fill = Fills::read($stored['colour'] ?? null);
        $word = static fn (string $name, string ...$words): string => is_string($stored[$name] ?? null) && in_array($stored[$name], $words, true) ? $stored[$name] : $words[0];
        $dash = is_array($stored['dash'] ?? null) ? array_map(floatval(...), array_values(array_filter($stored['dash'], is_numeric(...)))) : [];

        return $fill instanceof Colour || $fill instanceof Gradient
            ? new self($fill, (float) $stored['weight'], $word('side', ...self::SIDES), $dash, ($stored['fitted'] ?? null) === true, $word('ends', ...self::ENDS), $word('joins', ...self::JOINS))
            : null;
    }

    /** @return array<string, mixed> its JSON Schema, but for what says that there is none */
    public static function schema(): array
    {
        return [
            'type' => 'object',
            'required' => ['colour', 'weight'],
            'additionalProperties' => false,
            'properties' => [
                'colour' => ['anyOf' => [Colour::schema(), ...Gradient::schemas()]],
                'weight' => ['type' => 'number', 'minimum' => 0, 'maximum' => (int) self::MOST, 'description' => 'px'],
                'side' => ['enum' => self::SIDES, 'description' => 'of the edge; what is open always has it astride'],
                'dash' => ['type' => 'array', 'maxItems' => self::MOST_DASHES, 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => 10000], 'description' => 'px of dashes and gaps in turn; a round dash of 0 is a dot'],
                'fitted' => ['type' => 'boolean', 'description' => 'whether corners and ends always stand on a dash'],
                'ends' => ['enum' => self::ENDS],
                'joins' => ['enum' => self::JOINS],
            ],
        ];
    }

    public function stroke(float $reach): Stroke
    {
        return new Stroke($reach, $this->ends, $this->joins);
    }

    public function scaled(float $factor): self
    {
        return new self($this->fill, min(self::MOST, Length::round($this->weight * $factor)), $this->side, array_map(static fn (float $length): float => min(10_000.0, Length::round($length * $factor)), $this->dash), $this->fitted, $this->ends, $this->joins);
    }

    public function said(): string
    {
        return $this->fill->said().' '.Length::text($this->weight).' px';
    }

    /** @return array<string, mixed> what is as usual is left out */
    public function stored(): array
    {
        return ['colour' => $this->fill->stored(), 'weight' => $this->weight]
            + ($this->side === 'centre' ? [] : ['side' => $this->side])
            + ($this->dash === [] ? [] : ['dash' => $this->dash])
            + ($this->fitted ? ['fitted' => true] : [])
            + ($this->ends === 'butt' ? [] : ['ends' => $this->ends])
            + ($this->joins === 'miter' ? [] : ['joins' => $this->joins]);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->stored();
    }
}
