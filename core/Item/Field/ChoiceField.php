<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** One word of a few. */
final readonly class ChoiceField extends Field
{
    /** @param  non-empty-array<string, string>  $choices  what each is called in the drawer, by its word; the first is the default */
    public function __construct(string $name, string $noun, string $heading, string $label, FieldGroup $group, private array $choices, private string $meaning = '', private bool $isOffered = true)
    {
        parent::__construct($name, $noun, $heading, $label, $group, array_key_first($choices));
    }

    public function type(): string
    {
        return $this->isOffered ? 'choice' : 'hidden';
    }

    public function schema(): array
    {
        return ['enum' => array_keys($this->choices)] + ($this->meaning === '' ? [] : ['description' => $this->meaning]);
    }

    public function read(mixed $stored): mixed
    {
        return is_string($stored) && isset($this->choices[$stored]) ? $stored : $this->default;
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['choices' => array_map(static fn (string $word, string $name): array => ['value' => $word, 'name' => $name], array_keys($this->choices), array_values($this->choices))];
    }
}
