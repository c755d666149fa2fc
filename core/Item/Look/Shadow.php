<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Geometry\Length;
use JsonSerializable;

/** A shadow that an item throws beneath it, or, an inner one, that its edge throws into it (CSS Backgrounds 3, section 7.1). */
final readonly class Shadow implements JsonSerializable
{
    public const MOST = 4;

    private const FARTHEST = 1000.0;

    /**
     * @param  float  $blur  px over which its edge runs out: twice the standard deviation of the blur
     * @param  float  $spread  px by which it is larger than what throws it
     */
    public function __construct(public float $dx, public float $dy, public float $blur, public float $spread, public Colour $colour, public bool $inner)
    {
    }

    /** @param  array<mixed>  $stored */
    public static function read(array $stored): ?self
    {
        $colour = Colour::read($stored['colour'] ?? null);
        $number = static fn (string $name): float => is_numeric($stored[$name] ?? null) ? (float) $stored[$name] : 0.0;

        return $colour === null ? null : new self($number('dx'), $number('dy'), $number('blur'), $number('spread'), $colour, ($stored['inner'] ?? null) === true);
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        $far = (int) self::FARTHEST;
        $length = ['type' => 'number', 'minimum' => -$far, 'maximum' => $far, 'description' => 'px'];

        return [
            'type' => 'object',
            'required' => ['colour'],
            'additionalProperties' => false,
            'properties' => [
                'dx' => $length, 'dy' => $length,
                'blur' => ['type' => 'number', 'minimum' => 0, 'maximum' => 500, 'description' => 'px over which its edge runs out'],
                'spread' => ['type' => 'number', 'minimum' => -500, 'maximum' => 500, 'description' => 'px by which it is larger'],
                'colour' => Colour::schema(),
                'inner' => ['type' => 'boolean', 'description' => 'thrown by the edge into the item'],
            ],
        ];
    }

    /** How far past what throws it something of it may be seen, before it is shifted, px. */
    public function reach(): float
    {
        return max(0.0, 1.5 * $this->blur + $this->spread);
    }

    public function scaled(float $factor): self
    {
        $scaled = static fn (float $length, float $most): float => max(-$most, min($most, Length::round($length * $factor)));

        return new self($scaled($this->dx, self::FARTHEST), $scaled($this->dy, self::FARTHEST), $scaled($this->blur, 500.0), $scaled($this->spread, 500.0), $this->colour, $this->inner);
    }

    /** @return array<string, mixed> */
    public function stored(): array
    {
        return ['dx' => $this->dx, 'dy' => $this->dy, 'blur' => $this->blur, 'spread' => $this->spread, 'colour' => $this->colour->stored(), 'inner' => $this->inner];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->stored();
    }
}
