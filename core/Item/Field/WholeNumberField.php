<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** A whole number within bounds. */
final readonly class WholeNumberField extends Field
{
    public function __construct(string $name, string $noun, string $heading, string $label, FieldGroup $group, int $default, private int $least, private int $most, private string $meaning = '')
    {
        parent::__construct($name, $noun, $heading, $label, $group, $default);
    }

    public function type(): string
    {
        return 'count';
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most] + ($this->meaning === '' ? [] : ['description' => $this->meaning]);
    }

    public function read(mixed $stored): mixed
    {
        return is_numeric($stored) ? (int) $stored : $this->default;
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['least' => $this->least, 'most' => $this->most];
    }
}
