<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Look\Shadow;

/** Shadows, the uppermost first; they are painted, and never ink. */
final readonly class ShadowsField extends Field
{
    public function __construct(string $name)
    {
        parent::__construct($name, 'the shadow', 'Shadow', 'shadow', FieldGroup::Look, []);
    }

    public function type(): string
    {
        return 'shadows';
    }

    public function schema(): array
    {
        return ['type' => 'array', 'maxItems' => Shadow::MOST, 'items' => Shadow::schema(), 'description' => 'the uppermost first'];
    }

    /** @return list<Shadow> */
    public function read(mixed $stored): array
    {
        return array_values(array_filter(array_map(Shadow::read(...), is_array($stored) ? array_filter($stored, is_array(...)) : [])));
    }

    public function stored(mixed $value): mixed
    {
        return array_map(static fn (Shadow $shadow): array => $shadow->stored(), self::of($value));
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return array_map(static fn (Shadow $shadow): Shadow => $shadow->scaled($factor), self::of($value));
    }

    public function said(mixed $value): string
    {
        $count = count(self::of($value));

        return match ($count) {
            0 => 'none',
            1 => 'a shadow',
            default => "$count shadows",
        };
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['most' => Shadow::MOST];
    }

    /** @return list<Shadow> */
    public static function of(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, static fn (mixed $one): bool => $one instanceof Shadow)) : [];
    }
}
