<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** Numbers by name that others than the kind itself read and check, or none. They are not set by hand. */
final readonly class NumbersField extends Field
{
    public function __construct(string $name, string $noun, private string $meaning)
    {
        parent::__construct($name, $noun, '', '', FieldGroup::Geometry, null, isOwn: true, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        return ['type' => ['object', 'null'], 'maxProperties' => 30, 'description' => $this->meaning];
    }

    public function read(mixed $stored): mixed
    {
        return is_array($stored) ? $stored : null;
    }
}
