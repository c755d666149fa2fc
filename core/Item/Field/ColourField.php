<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Look\Colour;

/** A colour, or none. */
final readonly class ColourField extends Field
{
    public const SCHEMA = '^#[0-9a-fA-F]{6}$';

    public function __construct(string $name, string $noun, string $heading, string $label, ?Colour $default, private string $meaning, private bool $mayBeNone = true)
    {
        parent::__construct($name, $noun, $heading, $label, FieldGroup::Look, $default);
    }

    public function type(): string
    {
        return 'colour';
    }

    public function schema(): array
    {
        return ['type' => ['string', 'null'], 'pattern' => self::SCHEMA, 'description' => $this->meaning];
    }

    public function read(mixed $stored): ?Colour
    {
        return is_string($stored) ? Colour::of($stored) : null;
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof Colour ? $value->hex : null;
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['none' => $this->mayBeNone];
    }

    public function said(mixed $value): string
    {
        return $value instanceof Colour ? $value->hex : 'none';
    }
}
