<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** Something that is so, or is not. */
final readonly class SwitchField extends Field
{
    public function __construct(string $name, string $noun, string $heading, string $label, FieldGroup $group, private string $meaning)
    {
        parent::__construct($name, $noun, $heading, $label, $group, false);
    }

    public function type(): string
    {
        return 'switch';
    }

    public function schema(): array
    {
        return ['type' => 'boolean', 'description' => $this->meaning];
    }

    public function read(mixed $stored): bool
    {
        return $stored === true;
    }

    public function said(mixed $value): string
    {
        return $value === true ? 'on' : 'off';
    }
}
