<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;

/** A length for each side, clockwise from the top, in px. One number stands for all four. */
final readonly class SidesField extends Field
{
    private const MOST = 10_000.0;

    public function __construct(string $name, string $noun, string $heading, string $label, private string $meaning)
    {
        parent::__construct($name, $noun, $heading, $label, FieldGroup::Words, [0.0, 0.0, 0.0, 0.0]);
    }

    public function type(): string
    {
        return 'sides';
    }

    public function schema(): array
    {
        $side = ['type' => 'number', 'minimum' => 0, 'maximum' => (int) self::MOST];

        return ['description' => $this->meaning, 'anyOf' => [$side, ['type' => 'array', 'minItems' => 4, 'maxItems' => 4, 'items' => $side]]];
    }

    /** @return array{float, float, float, float} */
    public function read(mixed $stored): array
    {
        return self::of($stored);
    }

    /** @return array{float, float, float, float} top, right, bottom, left */
    public static function of(mixed $stored): array
    {
        if (is_int($stored) || is_float($stored)) {
            $all = Length::round((float) $stored);

            return [$all, $all, $all, $all];
        }
        if (! is_array($stored) || count($stored) !== 4 || array_filter($stored, is_numeric(...)) !== $stored) {
            return [0.0, 0.0, 0.0, 0.0];
        }
        [$top, $right, $bottom, $left] = array_map(static fn (mixed $side): float => Length::round((float) $side), array_values($stored));

        return [$top, $right, $bottom, $left];
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return array_map(static fn (float $side): float => min(self::MOST, Length::round($side * $factor)), self::of($value));
    }

    public function said(mixed $value): string
    {
        $sides = self::of($value);

        return implode(' ', array_map(Length::text(...), count(array_unique($sides)) === 1 ? [$sides[0]] : $sides));
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['least' => 0.0, 'most' => self::MOST];
    }
}
