<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Look\Fills;

/** What a shape is filled with: a colour, a gradient, a pattern, or nothing. */
final readonly class FillField extends Field
{
    public function __construct(string $name, string $noun, string $heading, string $label, ?Colour $default, private string $meaning, private bool $mayBeNone = true)
    {
        parent::__construct($name, $noun, $heading, $label, FieldGroup::Look, $default);
    }

    public function type(): string
    {
        return 'fill';
    }

    public function schema(): array
    {
        return Fills::schema($this->meaning);
    }

    public function read(mixed $stored): ?Fill
    {
        return Fills::read($stored);
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof Fill ? $value->stored() : null;
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return $value instanceof Fill ? $value->scaled($factor) : $value;
    }

    public function said(mixed $value): string
    {
        return $value instanceof Fill ? $value->said() : 'none';
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['none' => $this->mayBeNone];
    }
}
